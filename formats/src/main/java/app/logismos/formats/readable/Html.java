package app.logismos.formats.readable;

import app.logismos.recalculate.LiveWorksheet;
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

    private Html(LiveWorksheet live, boolean formulas) {
        super(live, formulas);
    }

    /**
     * The document.
     *
     * @param formulas whether the formulas stand below each grid
     */
    public static String of(LiveWorksheet live, boolean formulas) {
        return new Html(live, formulas).written();
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
                @media print { tr { break-inside: avoid } thead { display: table-header-group } }
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
