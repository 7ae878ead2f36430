package app.logismos.chart;

import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.value.Blank;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Which cells of a chart belong together: those of one line of the grid. Lines are rows; or columns, where what goes
 * across, or else the first series, goes along a row. Which lines are headings is decided once for all ranges.
 */
final class Pairing {
    private final Chart chart;
    private final LiveWorksheet live;
    private final boolean isAlong;
    private final Optional<Run> across;
    private final Map<String, Run> runs = new LinkedHashMap<>(); // by the id of the series
    private final int begin;
    private final int headings;

    /**
     * Reads the ranges of a chart.
     *
     * @param hasAcross whether charts of its form have something across
     */
    Pairing(Chart chart, LiveWorksheet live, boolean hasAcross) {
        this.chart = chart;
        this.live = live;
        Optional<Area> along = chart.across().filter(area -> hasAcross);
        this.isAlong = Stream.concat(
                        along.stream(),
                        chart.series().stream().flatMap(series -> cells(series).map(Chart.Cells::area).stream()))
                .filter(area -> !Run.isSingle(area))
                .findFirst()
                .filter(Run::isAlong)
                .isPresent();
        this.across = along.filter(this::isLikeTheOthers)
                .flatMap(area -> Run.of(live, chart.grid(), area, isAlong))
                .filter(run -> !run.isBlank());
        chart.series()
                .forEach(series -> cells(series)
                        .map(Chart.Cells::area)
                        .filter(this::isLikeTheOthers)
                        .flatMap(area -> Run.of(live, chart.grid(series), area, isAlong))
                        .ifPresent(run -> runs.put(series.id(), run)));
        this.begin = all().mapToInt(Run::first).min().orElse(0);
        this.headings = chart.headings().orElseGet(this::decided);
    }

    private static Optional<Chart.Cells> cells(Chart.Series series) {
        return series.source() instanceof Chart.Cells cells ? Optional.of(cells) : Optional.empty();
    }

    /** Whether a range goes the way that the chart's lines need. */
    boolean isLikeTheOthers(Area area) {
        return Run.isSingle(area) || Run.isAlong(area) == isAlong;
    }

    private Stream<Run> all() {
        return Stream.concat(across.stream(), runs.values().stream());
    }

    /** The heading lines that the grid has, as far as the ranges cover them; where they do not, what the cells say. */
    private int decided() {
        int own =
                isAlong ? 0 : live.grid(chart.grid()).map(Block.Grid::headings).orElse(0);
        if (own > begin && all().anyMatch(run -> run.end() > own)) {
            return own - begin;
        }
        return areWords(begin, own == 0) ? 1 : 0;
    }

    /**
     * Whether a line has headings: words above values. What goes across decides where it has values; else most of the
     * series.
     *
     * @param mayStandAlone whether a word across that has nothing up is a heading
     */
    private boolean areWords(int line, boolean mayStandAlone) {
        if (across.isPresent() && across.get().hasSizesBehind(line)) {
            if (across.get().hasWordAt(line)) {
                return true;
            }
            if (across.get().hasSizeAt(line)) {
                return false;
            }
        }
        boolean isAcrossOnly = across.isPresent() && runs.values().stream().noneMatch(run -> run.covers(line));
        if (mayStandAlone && isAcrossOnly && !runs.isEmpty()) {
            return across.get().hasWordAt(line);
        }
        List<Run> measured =
                runs.values().stream().filter(run -> run.hasSizesBehind(line)).toList();
        long words = measured.stream().filter(run -> run.hasWordAt(line)).count();
        return words > 0
                && words >= measured.stream().filter(run -> run.hasSizeAt(line)).count();
    }

    /** How many of the first lines are headings. */
    int headings() {
        return headings;
    }

    /** The first line that has no heading. */
    int start() {
        return begin + headings;
    }

    /** The line behind the last. */
    int end() {
        return all().mapToInt(Run::end).max().orElse(0);
    }

    Optional<Run> across() {
        return across;
    }

    /** The values across without headings, and without empty lines behind the last that any range has something in. */
    List<Value> acrossValues() {
        return across.map(run -> IntStream.range(Math.max(start(), run.first()), filledEnd(run))
                        .mapToObj(run::at)
                        .toList())
                .orElse(List.of());
    }

    private int filledEnd(Run along) {
        int end = along.end();
        while (end > start() && isEmpty(end - 1)) {
            end--;
        }
        return end;
    }

    private boolean isEmpty(int line) {
        return all().allMatch(run -> run.at(line) == Blank.BLANK);
    }

    /** The cells of a series; nothing where it is drawn from something else, or its range goes another way. */
    Optional<Run> run(Chart.Series series) {
        return Optional.ofNullable(runs.get(series.id()));
    }

    /** Half lengths of the error bars of a series, line by line. */
    Optional<Run> errors(Chart.Series series) {
        return series.errors()
                .filter(this::isLikeTheOthers)
                .flatMap(area -> Run.of(live, chart.grid(series), area, isAlong));
    }

    /** The lines of a series that have no heading. */
    IntStream lines(Run run) {
        return IntStream.range(Math.max(start(), run.first()), run.end());
    }

    /** What stands above the values of a range; empty where it has no heading. */
    Heading heading(Run run) {
        List<String> words = new ArrayList<>();
        for (int line = Math.max(begin, run.first()); line < start() && run.covers(line); line++) {
            Value value = run.at(line);
            String text = value instanceof Text word
                    ? word.text().strip()
                    : live.display(run.grid(), run.cell(line)).text(value);
            if (!text.isEmpty()) {
                words.add(text);
            }
        }
        return Heading.of(
                words.stream().collect(Collectors.joining(", ")),
                live.worksheet().units());
    }

    /** Lines in words: {@code B4}, {@code B4:B9} or {@code B4, B7 and 12 more}. */
    static String told(Run run, int[] lines) {
        List<String> parts = new ArrayList<>();
        int i = 0;
        int named = 0;
        while (i < lines.length && parts.size() < 2) {
            int end = i;
            while (end + 1 < lines.length && lines[end + 1] == lines[end] + 1) {
                end++;
            }
            parts.add(run.cell(lines[i]) + (end > i ? ":" + run.cell(lines[end]) : ""));
            named += end - i + 1;
            i = end + 1;
        }
        int rest = lines.length - named;
        return String.join(", ", parts) + (rest > 0 ? " and " + rest + " more" : "");
    }
}
