package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.openWorksheet;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worksheets handed over as files, and brought in from them. */
class DocumentsTest extends Visit {
    @TempDir
    static Path kept;

    private Locator panel(String title) {
        return page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName(title));
    }

    private static Locator button(Locator in, String name) {
        return in.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    private Path handedOver(String format) {
        button("Hand over").click();
        Locator panel = panel("Hand over");
        panel.getByText(format).click();
        Download download =
                page.waitForDownload(() -> panel.getByText("Keep the file").click());
        Path file = kept.resolve(download.suggestedFilename());
        download.saveAs(file);
        page.keyboard().press("Escape");
        assertThat(panel).isHidden();
        return file;
    }

    @Test
    void aWorksheetGoesOutAndComesBelowAnotherAndIsTakenBack() {
        openWorksheet(page, "Cooling cup");
        Path file = handedOver("JSON: the whole worksheet");
        assertThat(file.getFileName()).hasToString("Cooling cup.json");
        page.getByTitle("All worksheets").click();
        newWorksheet();
        type("A1", "room = 3");
        button("Bring in").click();
        Locator panel = panel("Bring in");
        panel.getByLabel("Document").setInputFiles(file);
        assertThat(panel).containsText("Cooling cup.json");
        button(panel, "Bring in").click();
        Locator report = panel("Cooling cup.json was brought in");
        assertThat(report).containsText("There was a name room already: this one is room_1 here.");
        button(report, "Close").first().click();
        Locator contents = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Contents"));
        assertThat(contents).containsText("The cup on the sill");
        button("Undo").click();
        assertThat(contents).not().containsText("The cup on the sill");
        button("Redo").click();
        assertThat(contents).containsText("The cup on the sill");
        // What an undo takes away is asked for once more before the page knows.
        browser.complaints().removeIf(complaint -> complaint.contains("404"));
    }

    @Test
    void aPageToReadHasTheValuesAndTheFormulas() throws IOException {
        openWorksheet(page, "Cooling cup");
        String read = Files.readString(handedOver("HTML: a page to read"));
        assertThat(read)
                .contains("<h1>Cooling cup</h1>", "The cup on the sill", "<caption>Readings</caption>", "191.7");
        page.setContent(read);
        assertThat(page.locator("figure > svg")).hasCount(3);
        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Readings")))
                .isVisible();
    }

    @Test
    void itIsShownHowTheValuesOfAGridBegin() {
        newWorksheet();
        typeDown("A1", "leaf, loose", "1.5");
        button("Hand over").click();
        Locator panel = panel("Hand over");
        panel.getByText("CSV: the values").click();
        assertThat(panel.getByLabel("How it begins")).hasText("\"leaf, loose\"\n1.5");
        panel.getByText("decimal comma").click();
        assertThat(panel.getByLabel("How it begins")).hasText("\"leaf, loose\"\n\"1,5\"");
        page.keyboard().press("Escape");
    }

    @Test
    void theStartPageTakesADocumentAndSaysWhatIsNone() {
        page.getByLabel("Document to bring in")
                .setInputFiles(
                        new FilePayload("notes.json", "application/json", "{\"a\": ".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("This is no whole JSON document")).isVisible();
        openWorksheet(page, "First steps");
        Path file = handedOver("JSON: the whole worksheet");
        page.getByTitle("All worksheets").click();
        page.getByLabel("Document to bring in").setInputFiles(file);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("First steps")))
                .isVisible();
        browser.complaints().removeIf(complaint -> complaint.contains("422"));
    }

    @ParameterizedTest
    @CsvSource({
        "Office Open XML, .xlsx, Spring blend, C3, 20.28, B3 to EUR/kg",
        "OpenDocument, .ods, Cooling cup, C3, 191.7, B3*9/5+32",
    })
    void aSpreadsheetGoesOutAndComesBackAsItWas(
            String format, String extension, String title, String address, String value, String formula) {
        openWorksheet(page, title);
        Path file = handedOver(format);
        assertThat(file.getFileName()).hasToString(title + extension);
        page.getByTitle("All worksheets").click();
        page.getByLabel("Document to bring in").setInputFiles(file);
        page.waitForURL(Pattern.compile(".*/worksheet/.*"));
        page.locator("[data-cell='" + address + "']")
                .filter(new Locator.FilterOptions().setHasText(value))
                .click();
        assertThat(lens(page)).containsText(formula);
    }

    @Test
    void aWorkbookOfAnotherProgramComesInWithAReportThatLeadsToItsCells() throws IOException {
        page.getByLabel("Document to bring in").setInputFiles(budget());
        Locator report = panel("budget.xlsx was brought in");
        assertThat(report).containsText("2 of 4 formulas have the same value as in the document.");
        assertThat(report).containsText("There is no function RTD.");
        report.getByText("Plan B3").click();
        assertThat(lens(page)).containsText("A1+A2");
        assertThat(report).isVisible();
        button(report, "Close").first().click();
        assertThat(report).isHidden();
    }

    /** Formulas as the standard works them out, one with a value that is wrong, and one that cannot be brought in. */
    private static Path budget() throws IOException {
        Path file = kept.resolve("budget.xlsx");
        try (XSSFWorkbook workbook = new XSSFWorkbook();
                OutputStream out = Files.newOutputStream(file)) {
            var sheet = workbook.createSheet("Plan");
            String[] formulas = {"SUM(A1:A2)", "-A1^2", "A1+A2", "RTD(\"row\",A1)"};
            double[] values = {5, 4, 6, 0};
            for (int row = 0; row < formulas.length; row++) {
                var line = sheet.createRow(row);
                line.createCell(0).setCellValue(row + 2);
                var cell = line.createCell(1);
                cell.setCellFormula(formulas[row]);
                cell.setCellValue(values[row]);
            }
            workbook.write(out);
        }
        return file;
    }

    @Test
    void thePrintedPageHasChartsFormulasAndTheWorkingOfTheSelectedCell() {
        page.addInitScript("window.print = () => {}"); // there is no printer here
        page.reload();
        openWorksheet(page, "Cooling cup");
        page.locator("[data-cell='D3']").first().click();
        find("print");
        Locator panel = panel("Print");
        panel.getByText("formulas below each grid").click();
        panel.getByText("the working of the selected cell").click();
        panel.getByText("black and white").click();
        button(panel, "Print …").click();
        assertThat(panel).isHidden();
        FrameLocator printed = page.frameLocator("iframe[data-printed]");
        assertThat(printed.locator("h1")).hasText("Cooling cup");
        assertThat(printed.locator("figure > svg")).hasCount(3);
        assertThat(printed.locator("table.working")).containsText("88.50");
        assertThat(printed.locator("table.working u").first()).containsText("cooling");
        assertThat(printed.locator("body")).containsText("D3: =room+(start-room)*e^(-cooling*A3)");
    }

    @Test
    void whatIsPastedIsShownBeforeItComesInAndTakenBackByOneUndo() {
        newWorksheet();
        button("Bring in").click();
        Locator panel = panel("Bring in");
        assertThat(button(panel, "Choose a file …")).isFocused();
        page.evaluate("""
                text => {
                  const clipboardData = new DataTransfer()
                  clipboardData.setData('text/plain', text)
                  document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true }))
                }""", "Lot\tPrice\nOolong\t3,50\nAssam\t12,25\n");
        assertThat(panel.getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("How it comes in")))
                .containsText("12.25");
        button(panel, "Bring in").click();
        assertThat(panel).isHidden();
        assertThat(page.locator("[data-cell='B3']").last()).containsText("12.25");
        button("Undo").click();
        assertThat(page.locator("[data-cell='B3']").filter(new Locator.FilterOptions().setHasText("12.25")))
                .hasCount(0);
        browser.complaints().removeIf(complaint -> complaint.contains("404"));
    }

    private static final String LOTS =
            "Lot;Arrived;Price (EUR);Code\nOolong;03.04.2027;3,50;007\nAssam;05.06.2027;4,25;012\n";

    private static FilePayload lots() {
        return new FilePayload("lots.csv", "text/csv", LOTS.getBytes(StandardCharsets.UTF_8));
    }

    private void choose(Locator panel, String of, String what) {
        panel.getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName(of))
                .click();
        page.getByTitle(what).last().click();
    }

    @Test
    void aTableIsLookedAtAndChosenBeforeItBecomesAWorksheet() {
        page.getByLabel("Document to bring in").setInputFiles(lots());
        Locator panel = panel("Bring in lots.csv");
        assertThat(panel).containsText("Choose whether 03.04.2027 has the day first or the month first.");
        assertThat(button(panel, "Bring in")).isDisabled();
        Locator comes = panel.getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("How it comes in"));
        assertThat(comes).containsText("3.50 EUR");
        choose(panel, "How column B is read", "dates, month first");
        assertThat(comes).containsText("2027-03-04");
        choose(panel, "How column B is read", "dates, day first");
        assertThat(comes).containsText("2027-04-03");
        assertThat(faultsOfAxe()).isEmpty();
        button(panel, "Bring in").click();
        assertThat(at("B2")).hasText("2027-04-03");
        assertThat(at("C2")).containsText("3.50 EUR");
        assertThat(at("D2")).hasText("007");
    }

    @Test
    void aTableComesBelowWhatIsHereInOneStep() {
        newWorksheet();
        type("A1", "3");
        button("Bring in").click();
        Locator panel = panel("Bring in");
        panel.getByLabel("Document").setInputFiles(lots());
        choose(panel, "Between values", "comma");
        assertThat(panel.getByRole(AriaRole.REGION)).containsText("Oolong;03.04.2027;3");
        choose(panel, "Between values", "semicolon");
        choose(panel, "How column B is read", "texts");
        panel.getByText("numbers in EUR").click();
        assertThat(panel.getByRole(AriaRole.REGION)).containsText("Price (EUR)");
        button(panel, "Bring in").click();
        Locator arrived = page.locator("[data-cell='B2']").last();
        assertThat(page.locator("[data-cell='B2']")).hasCount(2);
        assertThat(arrived).hasText("03.04.2027");
        assertThat(page.locator("[data-cell='C2']").last()).hasText("3.50");
        button("Undo").click();
        assertThat(page.locator("[data-cell='B2']")).hasCount(1);
        assertThat(at("A1")).hasText("3");
        browser.complaints().removeIf(complaint -> complaint.contains("404"));
    }

    @Test
    void aFileThatIsDroppedIsOfferedAndWhatIsNoDocumentChangesNothing() {
        newWorksheet();
        type("A1", "3");
        page.evaluate("""
                () => {
                  const data = new DataTransfer()
                  data.items.add(new File(['[1, 2]'], 'list.json', { type: 'application/json' }))
                  document.body.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }))
                }""");
        Locator panel = panel("Bring in");
        assertThat(panel).containsText("list.json");
        button(panel, "Bring in").click();
        assertThat(panel.getByRole(AriaRole.ALERT)).containsText("This JSON is no worksheet");
        page.keyboard().press("Escape");
        assertThat(at("A1")).containsText("3");
        browser.complaints().removeIf(complaint -> complaint.contains("422"));
    }

    @Test
    void theFinderKnowsBothActsByOtherWords() {
        newWorksheet();
        for (String[] asked : new String[][] {{"export", "Hand over"}, {"import file", "Bring in"}}) {
            page.keyboard().press("Control+k");
            // What the guide answers moves the others.
            page.waitForResponse(
                    answer -> answer.url().endsWith("q=" + asked[0].replace(" ", "%20")),
                    () -> page.keyboard().type(asked[0]));
            page.getByRole(AriaRole.OPTION)
                    .filter(new Locator.FilterOptions()
                            .setHas(page.getByText(asked[1], new Page.GetByTextOptions().setExact(true))))
                    .first()
                    .click();
            assertThat(panel(asked[1])).isVisible();
            page.keyboard().press("Escape");
            assertThat(panel(asked[1])).isHidden();
        }
    }
}
