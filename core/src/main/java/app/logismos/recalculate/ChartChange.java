package app.logismos.recalculate;

import app.logismos.sheet.Chart;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** What was changed about a chart, in words. */
final class ChartChange {
    private final List<String> words = new ArrayList<>();

    private ChartChange() {}

    /** The difference between two states of a chart; for several the first two are told. */
    static String said(Chart before, Chart now) {
        ChartChange change = new ChartChange();
        change.chart(before, now);
        boolean sameSeries = before.series().size() == now.series().size();
        for (int i = 0; sameSeries && i < now.series().size(); i++) {
            change.series(before.series().get(i), now.series().get(i));
        }
        List<String> words = change.words;
        return words.isEmpty()
                ? "Layout changed"
                : String.join(", ", words.subList(0, Math.min(2, words.size()))) + (words.size() > 2 ? " …" : "");
    }

    private void chart(Chart before, Chart now) {
        tell(before.title(), now.title(), "called " + now.title());
        tell(
                before.form(),
                now.form(),
                "shown as " + (now.form() == Chart.Form.FIELDS ? "coloured table" : word(now.form())));
        tell(
                before.series().size(),
                now.series().size(),
                now.series().size() > before.series().size() ? "series added" : "series taken out");
        axis(before.acrossAxis(), now.acrossAxis(), "across");
        axis(before.upAxis(), now.upAxis(), "up");
        axis(before.rightAxis(), now.rightAxis(), "on the right");
        tell(before.across(), now.across(), "other cells across");
        tell(
                before.legend(),
                now.legend(),
                now.legend() == Chart.Legend.NONE ? "no legend" : "legend " + word(now.legend()));
        tell(before.lines(), now.lines(), now.lines() ? "lines behind" : "no lines behind");
        tell(before.swapped(), now.swapped(), "axes swapped");
        tell(before.stacked(), now.stacked(), now.stacked() ? "bars on each other" : "bars side by side");
        tell(
                before.marks(),
                now.marks(),
                now.marks().size() > before.marks().size()
                        ? "mark put on"
                        : now.marks().size() < before.marks().size() ? "mark taken off" : "mark changed");
    }

    private void axis(Chart.AxisLook before, Chart.AxisLook now, String where) {
        tell(before.title(), now.title(), "title " + where + " changed");
        tell(before.least() + " " + before.most(), now.least() + " " + now.most(), "ends " + where + " changed");
        tell(before.logarithmic(), now.logarithmic(), (now.logarithmic() ? "logarithmic " : "even ") + where);
    }

    private void series(Chart.Series before, Chart.Series now) {
        tell(before.shape(), now.shape(), "shown as " + word(now.shape()));
        tell(before.fit(), now.fit(), now.fit() == Chart.Fit.NONE ? "no fit" : "fit: " + word(now.fit()));
        tell(before.source(), now.source(), "series changed");
        tell(before.name(), now.name(), "series called " + now.name());
        tell(before.onRight(), now.onRight(), now.onRight() ? "measured on the right" : "measured on the left");
        tell(before.errors(), now.errors(), now.errors().isPresent() ? "error bars" : "no error bars");
        tell(before.look(), now.look(), "look of a series");
    }

    private void tell(Object before, Object now, String word) {
        if (!Objects.equals(before, now)) {
            words.add(words.isEmpty() ? word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1) : word);
        }
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
