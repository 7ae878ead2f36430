package app.logismos.formats.readable;

import app.logismos.recalculate.LiveWorksheet;
import java.util.List;
import java.util.stream.Collectors;

/** A worksheet as Markdown: CommonMark with the tables of GitHub Flavored Markdown, and LaTeX between dollar signs. */
public final class Markdown extends Readable {
    private Markdown(LiveWorksheet live, boolean formulas) {
        super(live, formulas);
    }

    /**
     * The document.
     *
     * @param formulas whether the formulas stand below each grid
     */
    public static String of(LiveWorksheet live, boolean formulas) {
        return new Markdown(live, formulas).written();
    }

    @Override
    void begin(String title) {
        add("# " + plain(title) + "\n");
    }

    @Override
    void heading(String title, boolean isPart) {
        add("\n" + (isPart ? "### " : "## ") + plain(title) + "\n");
    }

    @Override
    void note(String markdown) {
        add("\n" + markdown.strip() + "\n");
    }

    @Override
    void paragraph(String text) {
        add("\n" + plain(text) + "\n");
    }

    /** A table has a heading; where the grid has none, it is that of the columns. */
    @Override
    void table(String title, Lines lines) {
        add("\n**" + plain(title) + "**\n\n");
        List<List<Shown>> rows = lines.rows();
        boolean hasHeading = lines.headings() > 0;
        add(hasHeading ? row(rows.get(0)) : "| " + String.join(" | ", lines.letters()) + " |\n");
        List<Shown> first = rows.get(rows.size() - 1);
        add(first.stream()
                .map(cell -> cell.toTheRight() ? "---:" : "---")
                .collect(Collectors.joining(" | ", "| ", " |\n")));
        rows.stream().skip(hasHeading ? 1 : 0).forEach(each -> add(row(each)));
    }

    private static String row(List<Shown> cells) {
        return cells.stream()
                .map(cell -> cell.latex()
                        .map(latex -> "$" + latex.replace("|", "\\vert ") + "$")
                        .orElseGet(() -> plain(cell.text())))
                .collect(Collectors.joining(" | ", "| ", " |\n"));
    }

    @Override
    void said(String what, List<Said> lines) {
        add("\n" + what + ":\n\n");
        lines.forEach(line -> add("- " + line.cell() + ": " + code(line.text()) + "\n"));
    }

    @Override
    void end() {
        // Nothing closes it.
    }

    /** A text that stays what it is: the signs that mean something are escaped, and lines stay one. */
    private static String plain(String text) {
        return text.replaceAll("([\\\\`*_{}\\[\\]<>#|$~&])", "\\\\$1").replaceAll("\\s*\\R\\s*", " ");
    }

    /** Between as many backticks that the text has none like them. */
    private static String code(String text) {
        String fence = "`";
        while (text.contains(fence)) {
            fence += "`";
        }
        String line = text.replaceAll("\\R", " ");
        boolean isPadded = line.startsWith("`") || line.endsWith("`");
        return fence + (isPadded ? " " + line + " " : line) + fence;
    }
}
