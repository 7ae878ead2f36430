package app.logismos.report;

import app.logismos.sheet.Chart;
import java.util.Locale;

/** What was changed about a chart, in words. */
final class ChartChange {
    private final ChangedParts parts = new ChangedParts();

    private ChartChange() {}

    /** The difference between two states of a chart; for several the first two are told. */
    static String said(Chart before, Chart now) {
        ChartChange change = new ChartChange();
        change.chart(before, now);
        boolean sameSeries = before.series().size() == now.series().size();
        for (int i = 0; sameSeries && i < now.series().size(); i++) {
            change.series(before.series().get(i), now.series().get(i));
        }
        return change.parts.said("Chart changed");
    }

    private void chart(Chart before, Chart now) {
        parts.tell(before.title(), now.title(), "called " + now.title());
        parts.tell(
                before.form(),
                now.form(),
                "shown as " + (now.form() == Chart.Form.FIELDS ? "coloured table" : word(now.form())));
        parts.tell(
                before.series().size(),
                now.series().size(),
                now.series().size() > before.series().size() ? "series added" : "series taken out");
        axis(before.acrossAxis(), now.acrossAxis(), "across");
        axis(before.upAxis(), now.upAxis(), "up");
        axis(before.rightAxis(), now.rightAxis(), "on the right");
        parts.tell(before.across(), now.across(), "other cells across");
        parts.tell(
                before.legend(),
                now.legend(),
                now.legend() == Chart.Legend.NONE ? "no legend" : "legend " + word(now.legend()));
        parts.tell(before.lines(), now.lines(), now.lines() ? "lines behind" : "no lines behind");
        parts.tell(before.swapped(), now.swapped(), "axes swapped");
        parts.tell(before.beside(), now.beside(), now.beside() ? "chart beside another" : "chart below another");
        parts.tell(before.headings(), now.headings(), "names above values changed");
        parts.tell(before.acrossDeleted(), now.acrossDeleted(), "1, 2, 3 across");
        parts.tell(before.stacked(), now.stacked(), now.stacked() ? "bars on each other" : "bars side by side");
        parts.tell(
                before.marks(),
                now.marks(),
                now.marks().size() > before.marks().size()
                        ? "mark put on"
                        : now.marks().size() < before.marks().size() ? "mark taken off" : "mark changed");
    }

    private void axis(Chart.AxisLook before, Chart.AxisLook now, String where) {
        parts.tell(before.title(), now.title(), "title " + where + " changed");
        parts.tell(before.least() + " " + before.most(), now.least() + " " + now.most(), "ends " + where + " changed");
        parts.tell(before.logarithmic(), now.logarithmic(), (now.logarithmic() ? "logarithmic " : "even ") + where);
    }

    private void series(Chart.Series before, Chart.Series now) {
        parts.tell(before.shape(), now.shape(), "shown as " + word(now.shape()));
        parts.tell(before.fit(), now.fit(), now.fit() == Chart.Fit.NONE ? "no fit" : "fit: " + word(now.fit()));
        parts.tell(before.source(), now.source(), "series changed");
        parts.tell(before.name(), now.name(), "series called " + now.name());
        parts.tell(before.onRight(), now.onRight(), now.onRight() ? "measured on the right" : "measured on the left");
        parts.tell(before.errorsDeleted(), now.errorsDeleted(), "no error bars");
        parts.tell(before.errors(), now.errors(), now.errors().isPresent() ? "error bars" : "no error bars");
        parts.tell(before.look(), now.look(), "look of a series");
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
