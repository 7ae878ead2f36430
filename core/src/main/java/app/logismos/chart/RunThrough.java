package app.logismos.chart;

import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** A chart while an input runs through values. */
public final class RunThrough {
    private RunThrough() {}

    /**
     * The chart at one value.
     *
     * @param value as shown
     */
    public record Frame(String value, ChartData data) {}

    /**
     * The chart at each value, with axes that cover all of them; at the first of them, where there is no time for all. The
     * worksheet itself does not change.
     *
     * @param input the one cell that takes the values
     * @param entries the values, as typed
     */
    public static List<Frame> frames(Chart chart, LiveWorksheet worksheet, Edit.Place input, List<String> entries) {
        LiveWorksheet live = worksheet.overlay();
        List<Shown> frames = new ArrayList<>();
        long end = System.nanoTime() + live.limits().time().toNanos();
        for (String entry : entries) {
            if (!frames.isEmpty() && System.nanoTime() > end) {
                return fixed(frames).stream()
                        .map(frame ->
                                new Frame(frame.value(), frame.data().telling(cut(frames.size(), entries.size()))))
                        .toList();
            }
            frames.add(shown(chart, live, input, entry));
        }
        return fixed(frames);
    }

    private static String cut(int count, int all) {
        return "There was time for " + count + " of the " + all + " values. Let it run through fewer.";
    }

    /** The chart at one value, with its own axes. */
    private record Shown(String value, Reading reading) {}

    private static Shown shown(Chart chart, LiveWorksheet live, Edit.Place input, String entry) {
        Address cell = input.area().first();
        live.apply(edits(live, input, entry));
        return new Shown(
                live.display(input.grid(), cell).candid(live.value(input.grid(), cell)),
                ChartReading.reading(chart, live, View.USUAL));
    }

    /** The value, and the name that the cell's own entry gives it: formulas still mean the cell by it. */
    private static List<Edit> edits(LiveWorksheet live, Edit.Place input, String entry) {
        Address cell = input.area().first();
        List<Edit> edits = new ArrayList<>();
        edits.add(new Edit.Enter(input.grid(), List.of(new Edit.Typed(cell, entry))));
        live.worksheet()
                .cell(input.grid(), cell)
                .flatMap(now -> Worksheet.nameIn(now.entry()))
                .ifPresent(name -> edits.add(new Edit.Define(name, Optional.of(input))));
        return edits;
    }

    private static List<Frame> fixed(List<Shown> frames) {
        return frames.stream().map(frame -> fixed(frame, frames)).toList();
    }

    private static Frame fixed(Shown frame, List<Shown> frames) {
        Reading own = frame.reading();
        ChartData data = own.data();
        return new Frame(
                frame.value(),
                data.with(to -> to.across(common(frames, each -> Stream.of(each.across()), data.across(), own.across()))
                        .up(common(frames, each -> Stream.of(each.up()), data.up(), own.up()))
                        .right(data.right()
                                .map(axis -> common(frames, each -> each.right().stream(), axis, own.right())))
                        .table(data.table()
                                .map(table -> table.withHeight(common(
                                        frames,
                                        each -> each.table().map(ChartData.TwoWay::height).stream(),
                                        table.height(),
                                        own.height()))))));
    }

    private static ChartData.Axis common(
            List<Shown> frames,
            Function<ChartData, Stream<ChartData.Axis>> part,
            ChartData.Axis own,
            Reading.Spanning spanning) {
        List<Scale> scales = frames.stream()
                .flatMap(frame -> part.apply(frame.reading().data()))
                .map(ChartData.Axis::scale)
                .distinct()
                .toList();
        if (scales.size() <= 1 || own.places()) {
            return own;
        }
        double least = scales.stream().mapToDouble(Scale::least).min().orElseThrow();
        double most = scales.stream().mapToDouble(Scale::most).max().orElseThrow();
        return new ChartData.Axis(own.title(), own.unit(), false, spanning.over(least, most));
    }
}
