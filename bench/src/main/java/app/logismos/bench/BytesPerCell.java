package app.logismos.bench;

import app.logismos.recalculate.LiveWorksheet;
import java.util.function.Supplier;

/** What a formula cell takes up in memory, its value apart: prints bytes a cell. */
final class BytesPerCell {
    private static final int ROWS = 1_000_000;

    private BytesPerCell() {}

    /** Measures the heap with the cells and without. */
    public static void main(String[] arguments) {
        LiveWorksheet[] held = new LiveWorksheet[1];
        long numbers = growth(() -> {
            held[0] = Columns.empty();
            Columns.fill(held[0], 0, ROWS, String::valueOf);
            Columns.fill(held[0], 1, ROWS, row -> String.valueOf(row % 97));
            return held[0];
        });
        long formulas = growth(() -> {
            Columns.fill(held[0], 2, ROWS, row -> "=A" + row + "*1.2+B" + row);
            return held[0];
        });
        System.out.printf(
                "a typed number: %d bytes with its value%na formula cell: %d bytes with its value%n",
                numbers / ROWS / 2, formulas / ROWS);
    }

    private static long growth(Supplier<LiveWorksheet> fill) {
        long before = used();
        LiveWorksheet live = fill.get();
        long after = used();
        java.lang.ref.Reference.reachabilityFence(live);
        return after - before;
    }

    private static long used() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        Runtime runtime = Runtime.getRuntime();
        return runtime.totalMemory() - runtime.freeMemory();
    }
}
