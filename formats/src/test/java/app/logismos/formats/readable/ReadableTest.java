package app.logismos.formats.readable;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.Worksheets;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadableTest {
    private static final String CURSE = "<script src=\"http://x\">&\n|$#_*`%{}\\^~'";

    private static LiveWorksheet live(String note, String... columnA) {
        Block.Grid grid = Block.Grid.of("g", "Kettle | weights", 6, 3)
                .withHeadings(1)
                .withRemarks(Map.of("A2", "weighed twice"))
                .withHidden(Set.of(3), Set.of(1));
        Worksheet worksheet = new Worksheet("Tea & more", List.of(), Words.STANDARD);
        new Edit.AddSection(Section.of("s", "First <one>", new Block.Note("n", note, false), grid), 0).apply(worksheet);
        LiveWorksheet live = new LiveWorksheet(worksheet, Limits.USUAL);
        for (int row = 0; row < columnA.length; row++) {
            live.apply(List.of(new Edit.Enter("g", List.of(new Edit.Typed(new Address(0, row), columnA[row])))));
        }
        return live;
    }

    @Test
    void markdownHasTheGridAsATableWithItsFormulasAndRemarksBelow() {
        assertThat(Markdown.of(live("*weak* $x^2$", "Grams", "3", "=A2*2", "hidden", "=derivative(x^2, x)"), true))
                .isEqualTo("""
                        # Tea \\& more

                        ## First \\<one\\>

                        *weak* $x^2$

                        **Kettle \\| weights**

                        | Grams |
                        | --- |
                        | 3 |
                        | 6 |
                        | $2\\, x$ |

                        Formulas:

                        - A3: `=A2*2`
                        - A5: `=derivative(x^2, x)`

                        Remarks:

                        - A2: `weighed twice`
                        """);
    }

    @Test
    void aTextStaysWhatItIsInEachFormat() {
        LiveWorksheet live = live("plain", CURSE, CURSE);
        assertThat(Html.of(live, true, List.of()))
                .doesNotContain("<script")
                .contains("&lt;script src=&quot;http://x&quot;&gt;&amp;");
        assertThat(Markdown.of(live, true))
                .contains("\\<script src=\"http://x\"\\>\\& \\|\\$\\#\\_\\*\\`%\\{\\}\\\\^\\~'");
        assertThat(Latex.of(live, true))
                .contains("\\& |\\$\\#\\_*`\\%\\{\\}\\textbackslash{}\\textasciicircum{}\\textasciitilde{}'");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '\u0001',
            value = {
                "<img src=x onerror=alert(1)>; <img",
                "![look](http://example.org/look.png); src=",
                "[go](javascript:alert(1)); javascript:",
                "<iframe src=\"http://example.org\"></iframe>; <iframe",
                "<style>@import 'http://example.org'</style>; <style>@import",
            })
    void aNoteCanMakeAPageFetchOrRunNothing(String note, String never) {
        assertThat(Html.of(live(note, "3"), true, List.of())).doesNotContain(never);
    }

    @Test
    void aPageNeedsNothingElse() {
        for (int seed = 0; seed < 50; seed++) {
            LiveWorksheet live = new LiveWorksheet(Worksheets.random(new Random(seed)), Limits.USUAL);
            assertThat(Html.of(live, true, List.of()))
                    .doesNotContain(" src=", "url(", "@import", "<link", "<script", "null");
            assertThat(Markdown.of(live, true)).doesNotContain("null");
            assertThat(Latex.of(live, true)).startsWith("\\documentclass").endsWith("\\end{document}\n");
        }
    }

    @Test
    void anEmptyWorksheetIsADocumentToo() {
        Worksheet worksheet = new Worksheet("Nothing", List.of(), Words.STANDARD);
        LiveWorksheet live = new LiveWorksheet(worksheet, Limits.USUAL);
        assertThat(Markdown.of(live, true)).isEqualTo("# Nothing\n");
        assertThat(Html.of(live, true, List.of())).contains("<h1>Nothing</h1>");
        assertThat(Latex.of(live, false)).contains("\\title{Nothing}");
    }

    @Test
    void theWorkingOfChosenCellsStandsAtTheEnd() {
        LiveWorksheet live = live("note", "=(5+2)*3");
        String page = Html.of(
                live, false, List.of(new Edit.Place("g", Area.parse("A1").orElseThrow())));
        assertThat(page.substring(page.indexOf("<h2>Working</h2>")))
                .contains("<code>=(5+2)*3</code>", "<u>", "<strong>21</strong>");
        assertThat(Html.of(live, false, List.of())).doesNotContain("<h2>Working</h2>");
    }
}
