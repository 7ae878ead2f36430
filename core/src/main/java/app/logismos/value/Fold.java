package app.logismos.value;

import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * A way to gather the values of a table into one, so that a longer range can go on from what a shorter one has gathered:
 * a column of running totals then adds each number once.
 *
 * @param name tells folds apart
 * @param start what nothing comes to
 * @param add what has been gathered and a value that is not blank, to what is gathered then
 * @param value what has been gathered as a value; a failure where one was met
 */
public record Fold<A>(String name, A start, BiFunction<A, Value, A> add, Function<A, Value> value) {}
