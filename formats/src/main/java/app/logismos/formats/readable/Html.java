package app.logismos.formats.readable;

import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Edit;
import app.logismos.value.Span;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.commonmark.node.Image;
import org.commonmark.node.Node;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.NodeRenderer;
import org.commonmark.renderer.html.HtmlNodeRendererContext;
import org.commonmark.renderer.html.HtmlRenderer;

/** A worksheet as one page of HTML that needs nothing else: no script, no style sheet, no font, no picture from elsewhere. */
public final class Html extends Readable {
    /** Pictures are left out, since a page that is opened would fetch them; so are addresses that run something. */
    private static final HtmlRenderer NOTES = HtmlRenderer.builder()
            .escapeHtml(true)
            .sanitizeUrls(true)
            .nodeRendererFactory(NoPictures::new)
            .build();

    private static final Parser MARKDOWN = Parser.builder().build();

    private final List<Edit.Place> worked;

    private Html(LiveWorksheet live, boolean formulas, List<Edit.Place> worked) {
        super(live, formulas);
        this.worked = List.copyOf(worked);
    }

    /**
     * The document.
     *
     * @param formulas whether the formulas stand below each grid
     * @param worked the cells whose working stands at the end, each by itself
     */
    public static String of(LiveWorksheet live, boolean formulas, List<Edit.Place> worked) {
        return new Html(live, formulas, worked).written();
    }

    @Override
    void begin(String title) {
        add("""
                <!doctype html>
                <html lang="en">
                <head>
                <meta charset="utf-8">
                <meta name="viewport" content="width=device-width">
                <title>%1$s</title>
                <style>
                body { font: 16px/1.5 Georgia, serif; max-width: 60rem; margin: 2rem auto; padding: 0 1rem; color: #222 }
                table { border-collapse: collapse; margin: 0.5rem 0 1rem }
                caption { text-align: left; font-style: italic }
                th, td { border: 1px solid #bbb; padding: 0.15rem 0.6rem; text-align: left; font-variant-numeric: tabular-nums }
                th { background: #f2f0ea; font-weight: 600 }
                td.number { text-align: right }
                code { font-family: ui-monospace, monospace; font-size: 0.9em }
                figure { margin: 0.5rem 0 1rem } figure svg { max-width: 100%%; height: auto }
                table.working td { vertical-align: top } table.working td:first-child { color: #555 }
                @media print {
                  body { margin: 0; max-width: none; padding: 0; font-size: 11pt }
                  tr, figure, li { break-inside: avoid }
                  thead { display: table-header-group }
                  h1, h2, h3, caption { break-after: avoid }
                }
                </style>
                </head>
                <body>
                <h1>%1$s</h1>
                """.formatted(escaped(title)));
    }

    @Override
    void heading(String title, boolean isPart) {
        String level = isPart ? "h3" : "h2";
        add("<" + level + ">" + escaped(title) + "</" + level + ">\n");
    }

    @Override
    void note(String markdown) {
        add(NOTES.render(MARKDOWN.parse(markdown)));
    }

    @Override
    void paragraph(String text) {
        add("<p>" + escaped(text) + "</p>\n");
    }

    @Override
    void table(String title, Lines lines) {
        add("<table>\n<caption>" + escaped(title) + "</caption>\n<thead>\n");
        add(lines.letters().stream()
                .map(letter -> "<th scope=\"col\">" + letter + "</th>")
                .collect(Collectors.joining("", "<tr><td></td>", "</tr>\n")));
        for (int i = 0; i < lines.headings(); i++) {
            add(row(lines.numbers().get(i), lines.rows().get(i), "th"));
        }
        add("</thead>\n<tbody>\n");
        for (int i = lines.headings(); i < lines.rows().size(); i++) {
            add(row(lines.numbers().get(i), lines.rows().get(i), "td"));
        }
        add("</tbody>\n</table>\n");
    }

    private static String row(int number, List<Shown> cells, String kind) {
        return cells.stream()
                .map(cell -> "<" + kind + (cell.toTheRight() ? " class=\"number\">" : ">") + escaped(cell.text()) + "</"
                        + kind + ">")
                .collect(Collectors.joining("", "<tr><th scope=\"row\">" + number + "</th>", "</tr>\n"));
    }

    @Override
    void said(String what, List<Said> lines) {
        add("<p>" + escaped(what) + "</p>\n<ul>\n");
        lines.forEach(
                line -> add("<li>" + escaped(line.cell()) + ": <code>" + escaped(line.text()) + "</code></li>\n"));
        add("</ul>\n");
    }

    @Override
    void figure(String id, String title, String summary) {
        add("<figure data-chart=\"" + escaped(id) + "\"><figcaption>" + escaped(summary) + "</figcaption></figure>\n");
    }

    @Override
    void workings() {
        if (worked.isEmpty()) {
            return;
        }
        heading("Working", false);
        for (Edit.Place place : worked) {
            Address at = place.area().first();
            boolean isCalculated = live().worksheet()
                    .cell(place.grid(), at)
                    .map(Cell::isCalculated)
                    .orElse(false);
            live().grid(place.grid())
                    .filter(grid -> isCalculated)
                    .ifPresent(grid -> working(grid.title() + " " + at, place.grid(), at));
        }
    }

    private void working(String called, String grid, Address at) {
        Calculation calculation = live().explain(grid, at);
        add("<table class=\"working\">\n<caption>" + escaped(called) + ": <code>"
                + escaped(live().display().write(live().worksheet().textIn(grid, at)))
                + "</code></caption>\n<tbody>\n");
        for (ShownStep step : calculation.steps()) {
            add("<tr><td>" + escaped(step.rule().label()) + "</td><td><code>" + marked(step) + "</code></td><td><code>"
                    + (step.rounded() ? "≈ " : "= ") + escaped(step.value()) + "</code>"
                    + (step.note().isEmpty() ? "" : "<br>" + escaped(step.note())) + "</td></tr>\n");
        }
        String answer = live().display(grid, at).text(live().value(grid, at));
        add("<tr><td>answer</td><td colspan=\"2\"><strong>" + escaped(answer)
                + "</strong></td></tr>\n</tbody>\n</table>\n");
    }

    /** The expression, with what is worked now underlined. */
    private static String marked(ShownStep step) {
        String before = step.before();
        Span part = step.part();
        if (part == null || part.start() < 0 || part.end() > before.length() || part.start() > part.end()) {
            return escaped(before);
        }
        return escaped(before.substring(0, part.start())) + "<u>" + escaped(before.substring(part.start(), part.end()))
                + "</u>" + escaped(before.substring(part.end()));
    }

    @Override
    void end() {
        add("</body>\n</html>\n");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                .replace("'", "&#39;");
    }

    /** What is said of a picture in its place. */
    private record NoPictures(HtmlNodeRendererContext context) implements NodeRenderer {
        @Override
        public Set<Class<? extends Node>> getNodeTypes() {
            return Set.of(Image.class);
        }

        @Override
        public void render(Node picture) {
            for (Node each = picture.getFirstChild(); each != null; each = each.getNext()) {
                context.render(each);
            }
        }
    }
}
