package app.logismos.bench;

import java.util.List;
import java.util.function.IntFunction;

/** Five formulas of everyday kinds, as both languages of the comparison read them, over three columns of numbers. */
final class FiveKinds {
    /** Columns A, B and C: whole numbers, cents, and tenths. */
    static final List<IntFunction<String>> INPUTS =
            List.of(String::valueOf, row -> row % 97 + "." + (row % 90 + 10), row -> row % 13 + ".5");

    /** Without their {@code =}. */
    static final List<IntFunction<String>> FORMULAS = List.of(
            row -> "A" + row + "*1.2+B" + row,
            row -> "SUM(A" + row + ":C" + row + ")",
            row -> "IF(A" + row + ">B" + row + ",C" + row + ",A" + row + "-C" + row + ")",
            row -> "ROUND(B" + row + "/C" + row + ",2)",
            row -> "SQRT(A" + row + ")*$C$1");

    private FiveKinds() {}
}
