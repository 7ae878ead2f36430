package app.logismos.formats.readable;

import app.logismos.recalculate.LiveWorksheet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A worksheet as a LaTeX document that stands alone; it needs the packages amsmath and longtable. */
public final class Latex extends Readable {
    private static final Map<Integer, String> SIGNS = Map.ofEntries(
            Map.entry((int) '\\', "\\textbackslash{}"),
            Map.entry((int) '~', "\\textasciitilde{}"),
            Map.entry((int) '^', "\\textasciicircum{}"),
            Map.entry((int) '√', "$\\surd$"),
            Map.entry((int) '×', "$\\times$"),
            Map.entry((int) '·', "$\\cdot$"),
            Map.entry((int) '≈', "$\\approx$"),
            Map.entry((int) '−', "$-$"),
            Map.entry((int) 'π', "$\\pi$"),
            Map.entry((int) 'Ω', "$\\Omega$"),
            Map.entry((int) 'μ', "$\\mu$"),
            Map.entry((int) '°', "\\textdegree{}"),
            Map.entry((int) '€', "\\texteuro{}"));

    private Latex(LiveWorksheet live, boolean formulas) {
        super(live, formulas);
    }

    /**
     * The document.
     *
     * @param formulas whether the formulas stand below each grid
     */
    public static String of(LiveWorksheet live, boolean formulas) {
        return new Latex(live, formulas).written();
    }

    @Override
    void begin(String title) {
        add("""
                \\documentclass{article}
                \\usepackage[T1]{fontenc}
                \\usepackage{textcomp}
                \\usepackage{amsmath}
                \\usepackage{longtable}
                \\title{%s}
                \\date{}
                \\begin{document}
                \\maketitle
                """.formatted(plain(title)));
    }

    @Override
    void heading(String title, boolean isPart) {
        add("\n\\" + (isPart ? "subsection" : "section") + "*{" + plain(title) + "}\n");
    }

    /** Formulas between dollar signs stay; the marks of Markdown are left as they are. */
    @Override
    void note(String markdown) {
        String[] parts = markdown.strip().split("\\$", -1);
        StringBuilder note = new StringBuilder();
        boolean isBalanced = parts.length % 2 == 1;
        for (int i = 0; i < parts.length; i++) {
            boolean isFormula = isBalanced && i % 2 == 1;
            note.append(isFormula ? "$" + parts[i] + "$" : (isBalanced || i == 0 ? "" : "\\$") + plain(parts[i]));
        }
        add("\n" + note + "\n");
    }

    @Override
    void paragraph(String text) {
        add("\n" + plain(text) + "\n");
    }

    @Override
    void table(String title, Lines lines) {
        List<List<Shown>> rows = lines.rows();
        String columns = rows.get(rows.size() - 1).stream()
                .map(cell -> cell.toTheRight() ? "r" : "l")
                .collect(Collectors.joining());
        add("\n\\noindent\\textbf{" + plain(title) + "}\n\n\\begin{longtable}{" + columns + "}\n\\hline\n");
        for (int i = 0; i < rows.size(); i++) {
            add(rows.get(i).stream()
                    .map(cell -> cell.latex().map(latex -> "$" + latex + "$").orElseGet(() -> plain(cell.text())))
                    .collect(Collectors.joining(" & ", "", " \\\\\n")));
            if (i + 1 == lines.headings()) {
                add("\\hline\n\\endhead\n");
            }
        }
        add("\\hline\n\\end{longtable}\n");
    }

    @Override
    void said(String what, List<Said> lines) {
        add("\n\\noindent " + plain(what) + ":\n\\begin{itemize}\n");
        lines.forEach(line -> add("\\item " + plain(line.cell()) + ": \\texttt{" + plain(line.text()) + "}\n"));
        add("\\end{itemize}\n");
    }

    @Override
    void end() {
        add("\n\\end{document}\n");
    }

    private static String plain(String text) {
        StringBuilder plain = new StringBuilder();
        text.replaceAll("\\s*\\R\\s*", " ").codePoints().forEach(sign -> {
            String known = SIGNS.get(sign);
            if (known != null) {
                plain.append(known);
            } else if ("#$%&_{}".indexOf(sign) >= 0) {
                plain.append('\\').appendCodePoint(sign);
            } else {
                plain.appendCodePoint(sign);
            }
        });
        return plain.toString();
    }
}
