package app.logismos.value;

import java.util.function.BiFunction;

/**
 * A way to gather the values of a table into one, so that a longer range can go on from what a shorter one has gathered:
 * a column of running totals then adds each number once.
 *
 * @param name tells folds apart
 * @param start what nothing comes to
 * @param add what has been gathered and a value that is not blank, to what is gathered then
 */
public record Fold<A>(String name, A start, BiFunction<A, Value, A> add) {}
