package app.logismos.chart;

import app.logismos.formula.Address;
import app.logismos.recalculate.Change;
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
     * The chart at each value, with axes that cover all of them. The worksheet is as before afterwards.
     *
     * @param input the one cell that takes the values
     * @param entries the values, as typed
     */
    public static List<Frame> frames(Chart chart, LiveWorksheet live, Edit.Place input, List<String> entries) {
        List<Frame> frames = new ArrayList<>();
        for (String entry : entries) {
            frames.add(frame(chart, live, input, entry));
        }
        return fixed(frames);
    }

    private static Frame frame(Chart chart, LiveWorksheet live, Edit.Place input, String entry) {
        Address cell = input.area().first();
        Change change = live.apply(edits(live, input, entry));
        try {
            return new Frame(
                    live.display(input.grid(), cell).candid(live.value(input.grid(), cell)),
                    ChartReading.of(chart, live, View.USUAL));
        } finally {
            live.apply(change.inverse());
        }
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

    private static List<Frame> fixed(List<Frame> frames) {
        return frames.stream()
                .map(frame -> new Frame(
                        frame.value(),
                        frame.data()
                                .withAxes(
                                        common(
                                                frames,
                                                data -> Stream.of(data.across()),
                                                frame.data().across()),
                                        common(
                                                frames,
                                                data -> Stream.of(data.up()),
                                                frame.data().up()),
                                        frame.data()
                                                .right()
                                                .map(axis -> common(frames, data -> data.right().stream(), axis)),
                                        frame.data()
                                                .table()
                                                .map(table -> table.withHeight(common(
                                                        frames,
                                                        data -> data.table().map(ChartData.TwoWay::height).stream(),
                                                        table.height()))))))
                .toList();
    }

    private static ChartData.Axis common(
            List<Frame> frames, Function<ChartData, Stream<ChartData.Axis>> part, ChartData.Axis own) {
        List<Scale> scales = frames.stream()
                .flatMap(frame -> part.apply(frame.data()))
                .map(ChartData.Axis::scale)
                .distinct()
                .toList();
        if (scales.size() <= 1 || own.places()) {
            return own;
        }
        double least = scales.stream().mapToDouble(Scale::least).min().orElseThrow();
        double most = scales.stream().mapToDouble(Scale::most).max().orElseThrow();
        return new ChartData.Axis(
                own.title(),
                own.unit(),
                false,
                own.scale().logarithmic() && least > 0 ? Scale.logarithmic(least, most) : Scale.covering(least, most));
    }
}
