package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.openWorksheet;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Charts: made, set, marked, looked at closely and before, run through, and handed over. What is drawn is read back. */
class ChartTest extends Visit {
    private static final String CLAY = "#b24a2b";
    private static final String TEAL = "#1c6b70";

    private Locator chart() {
        return page.locator("figure[aria-label^='Chart']").first();
    }

    private Locator drawing() {
        return chart().locator("[data-drawing]").first();
    }

    private DrawnChart drawn() {
        return DrawnChart.of(chart());
    }

    private void soon(Consumer<DrawnChart> check) {
        soon(chart(), check);
    }

    private void choose(String setting, String choice) {
        Locator button = lens(page)
                .getByRole(
                        AriaRole.GROUP,
                        new Locator.GetByRoleOptions().setName(setting).setExact(true))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(choice).setExact(true));
        button.click();
        assertThat(button).hasAttribute("aria-pressed", "true");
    }

    /** Three columns of readings with a chart of them, selected. */
    private void chartOfReadings() {
        newWorksheet();
        typeDown("A1", "Time, s", "0", "1", "2", "3");
        typeDown("B1", "Height", "1", "4", "9", "16");
        typeDown("C1", "Spread", "1", "1", "2", "2");
        select("A1", "B5");
        button("+ Chart of the selection").click();
        assertThat(chart()).containsText("Height: 4 points, from 1 at 0 to 16 at 3.");
        assertThat(drawing().locator("svg text").first()).isVisible();
        drawing().click(new Locator.ClickOptions().setPosition(200, 60));
    }

    /** Waits until the drawing says something. */
    private void shows(String text) {
        assertThat(drawing()
                        .locator("svg text", new Locator.LocatorOptions().setHasText(Pattern.compile("^" + text + "$")))
                        .first())
                .isVisible();
    }

    /** Finds a text of the chart and writes it anew. */
    private void write(String label, String text) {
        find(label);
        fill(label, text);
    }

    /** Writes into the field that was opened. */
    private void fill(String label, String text) {
        Locator field = lens(page).getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName(label));
        field.fill(text);
        field.press("Enter");
    }

    /** Waits until so many points have a ring around them. */
    private void ringsAre(int count) {
        assertThat(drawing().locator("svg path[stroke='" + CLAY + "'][d^='M1 0A1']"))
                .hasCount(count);
    }

    @Test
    void pointsStandWhereTheCellsSay() {
        chartOfReadings();
        choose("Shown as", "points");
        soon(drawn -> assertThat(drawn.markers(CLAY)).hasSize(4));
        List<DrawnChart.Place> markers = drawn().markers(CLAY);
        assertThat(markers.get(2).across()).isCloseTo(2, within(0.03));
        assertThat(markers.get(2).up()).isCloseTo(9, within(0.2));
        soon(drawn -> assertThat(drawn.words()).contains("Time in s", "Height"));
        soon(drawn -> assertThat(drawn.lines(CLAY)).isEmpty());
    }

    @Test
    void aChartIsDrawnOnWhileItsCellsChangeAndFillsTheRoomThereIs() {
        chartOfReadings();
        Locator picture = chart().locator("[data-renderer]").first();
        picture.evaluate("place => { place.firstElementChild.dataset.seen = 'before' }");
        double width = picture.boundingBox().width;
        type("B5", "20");
        soon(now -> assertThat(now.ticksUp()).contains("20"));
        assertThat(picture.locator("[data-seen='before'] svg")).isVisible();
        page.setViewportSize(1000, 800);
        page.waitForCondition(() -> picture.boundingBox().width < width - 50);
        soon(now -> assertThat(now.ticksAcross()).contains("3"));
        assertThat(picture.locator("svg").boundingBox().width).isCloseTo(picture.boundingBox().width, within(1.0));
    }

    @Test
    void everyFormIsDrawn() {
        chartOfReadings();
        choose("Shown as", "line");
        soon(drawn -> assertThat(drawn.lines(CLAY))
                .hasSize(1)
                .first()
                .satisfies(line -> assertThat(line).hasSize(4)));
        choose("Shown as", "steps");
        soon(drawn -> assertThat(drawn.lines(CLAY).get(0)).hasSize(7));
        choose("Shown as", "bars");
        soon(drawn -> assertThat(drawn.bars(CLAY))
                .hasSize(4)
                .last()
                .satisfies(height -> assertThat(height).isCloseTo(16, within(0.2))));
        choose("Shown as", "shares");
        shows("3  ≈ 53.3 %");
        choose("Shown as", "histogram");
        shows("count");
        choose("Shown as", "boxes");
        assertThat(chart()).containsText("Height: 4 values, median 6.5, the middle half from 3.25 to 10.75.");
        choose("Shown as", "points and line");
        soon(drawn -> assertThat(drawn.markers(CLAY)).hasSize(4));
        assertThat(chart().locator("[role=status]").filter(new Locator.FilterOptions().setHasText("wrong")))
                .hasCount(0);
    }

    @Test
    void twoSeriesOfBarsStandBesideOrOnEachOtherAndLie() {
        newWorksheet();
        typeDown("A1", "Leaf", "Assam", "Sencha");
        typeDown("B1", "May", "3", "5");
        typeDown("C1", "June", "4", "2");
        select("A1", "C3");
        button("+ Chart of the selection").click();
        drawing().click(new Locator.ClickOptions().setPosition(200, 60));
        choose("Shown as", "bars");
        lens(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("June"))
                .click();
        choose("Shown as", "bars");
        soon(drawn -> assertThat(drawn.words()).contains("Assam", "Sencha"));
        soon(drawn -> assertThat(drawn.bars(CLAY).get(1)).isCloseTo(5, within(0.1)));
        lens(page)
                .getByText("Layout", new Locator.GetByTextOptions().setExact(true))
                .click();
        choose("Bars on each other", "yes");
        shows("7");
        soon(drawn -> assertThat(drawn.bars(TEAL).get(0)).isCloseTo(7, within(0.2)));
        // A pattern tells the series apart without colour.
        assertThat(drawing().locator("svg pattern").count()).isPositive();
        choose("Swap across and up", "yes");
        shows("Assam");
        double assam = chart().locator("svg text", new Locator.LocatorOptions().setHasText("Assam"))
                .boundingBox()
                .x;
        assertThat(assam).isLessThan(chart().boundingBox().x + 80);
    }

    @Test
    void settingsAreFoundByTheFinderToo() {
        chartOfReadings();
        find("shown as bars");
        assertThat(lens(page)
                        .getByRole(
                                AriaRole.BUTTON,
                                new Locator.GetByRoleOptions().setName("bars").setExact(true)))
                .hasAttribute("aria-pressed", "true");
        find("shown as: points and line");
        find("steps up: logarithmic");
        shows("50");
        soon(drawn -> assertThat(drawn.ticksUp()).contains("1", "10"));
        write("title of the vertical axis", "metres");
        shows("metres");
        write("end of the vertical axis", "100");
        shows("100");
        find("legend: below");
        shows("Height");
        find("marker: square");
        find("marker size: large");
        find("values beside points: yes");
        shows("16");
    }

    @Test
    void errorBarsAndASecondAxisAreDrawn() {
        chartOfReadings();
        find("error bars");
        fill("cells with error bars", "C1:C5");
        assertThat(drawing().locator("svg path[stroke='" + CLAY + "']")).hasCount(4 * 3 + 1);
        button("+ series").click();
        lens(page)
                .getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Series"))
                .getByRole(AriaRole.BUTTON)
                .last()
                .click();
        lens(page).getByTitle("Change cells of the series").click();
        fill("cells of the series", "C1:C5");
        assertThat(chart()).containsText("Spread: 4 points");
        lens(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Spread"))
                .click();
        find("measured on: the right");
        assertThat(lens(page)).containsText("Up on the right");
        shows("Spread");
    }

    @Test
    void aCurveIsDrawnFromItsExpressionWithoutJoiningAcrossAPole() {
        newWorksheet();
        type("A1", "height = 2");
        find("draw a curve");
        page.getByLabel("Expression").fill("height/x");
        page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).fill("-2");
        page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("2");
        button("Draw it").click();
        shows("−2");
        List<List<DrawnChart.Place>> lines = drawn().lines(CLAY);
        List<DrawnChart.Place> all = lines.stream().flatMap(List::stream).toList();
        assertThat(all)
                .filteredOn(place -> Math.abs(place.across()) > 0.1)
                .hasSizeGreaterThan(20)
                .allSatisfy(place -> assertThat(place.up()).isCloseTo(2 / place.across(), within(0.5)));
        // Nothing is drawn from the lower left branch to the upper right one.
        String d = String.join(
                " ",
                drawing().locator("svg path[stroke='" + CLAY + "'][fill='none']").all().stream()
                        .map(path -> path.getAttribute("d"))
                        .toList());
        assertThat(d.split("M").length - 1).isGreaterThanOrEqualTo(2);
        type("A1", "height = 4");
        assertThat(chart()).containsText("from −2 at −2".replace('−', '-'));
    }

    @Test
    void aParametricCurveIsDrawn() {
        newWorksheet();
        at("A1").click();
        find("draw a curve");
        page.getByText("x and y from a parameter").waitFor();
        settle();
        page.getByText("x and y from a parameter").click();
        page.getByLabel("Across").fill("2*cos(u)");
        page.getByLabel("Up", new Page.GetByLabelOptions().setExact(true)).fill("sin(u)");
        page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("2*pi");
        button("Draw it").click();
        shows("−2");
        soon(drawn -> assertThat(drawn.lines(CLAY).get(0))
                .allSatisfy(place ->
                        assertThat(Math.hypot(place.across() / 2, place.up())).isCloseTo(1, within(0.05))));
    }

    @Test
    void aFitHasItsEquationAndGoesIntoAGrid() {
        chartOfReadings();
        choose("Fit", "quadratic");
        assertThat(lens(page)).containsText("1*x^2 + 2*x + 1");
        assertThat(lens(page)).containsText("R² 1.0000");
        assertThat(lens(page)).containsText("x in s");
        button("put in a grid, with residuals").click();
        Locator fit = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Fit of Height"));
        assertThat(page.locator("figure:has-text('Fit of Height') [data-cell='B4']"))
                .hasText("1");
        assertThat(page.locator("figure:has-text('Residuals of Height') [data-cell='C5']"))
                .containsText("16");
        assertThat(fit.or(page.getByText("Fit of Height")).first()).isVisible();
    }

    @Test
    void marksArePlacedByKeyAndMouseAndStayWithTheirData() {
        chartOfReadings();
        button("+ label").press("Enter");
        Locator label = chart().locator("[data-mark='label']");
        assertThat(chart().getByLabel("Text of the mark")).isFocused();
        page.keyboard().type("flat");
        page.keyboard().press("Enter");
        assertThat(label).containsText("flat");
        assertThat(label).isFocused();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowUp");
        lens(page).getByTitle("Change text of label 1").click();
        page.keyboard().press("Control+a");
        page.keyboard().type("steep");
        page.keyboard().press("Enter");
        assertThat(label).containsText("steep");
        double[] before = centre(label);
        page.mouse().move(before[0], before[1]);
        page.mouse().down();
        page.mouse().move(before[0] - 60, before[1] + 20);
        page.mouse().move(before[0] - 120, before[1] + 40);
        page.mouse().up();
        page.waitForCondition(() -> Math.abs(centre(label)[0] - before[0] + 120) < 4);
        double[] moved = centre(label);
        DrawnChart drawn = drawn();
        var box = chart().locator("[data-renderer] svg").boundingBox();
        DrawnChart.Place place = drawn.place(moved[0] - box.x, moved[1] - box.y);
        page.setViewportSize(1024, 800);
        page.keyboard().press("Alt+c");
        page.waitForFunction(
                "width => document.querySelector('[data-renderer] svg').getBoundingClientRect().width !== width",
                box.width,
                new Page.WaitForFunctionOptions().setTimeout(30_000));
        var now = chart().locator("[data-renderer] svg").boundingBox();
        double[] after = centre(chart().locator("[data-mark='label']"));
        DrawnChart.Place stays = drawn().place(after[0] - now.x, after[1] - now.y);
        assertThat(stays.across()).isCloseTo(place.across(), within(0.05));
        assertThat(stays.up()).isCloseTo(place.up(), within(0.4));
        page.setViewportSize(1280, 800);
    }

    @Test
    void aMarkIsPlacedWhereItIsClickedAndWrittenThereAtOnce() {
        chartOfReadings();
        button("+ arrow").click();
        assertThat(chart().getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("Click where")))
                .containsText("Click where the arrow goes");
        page.keyboard().press("Escape");
        assertThat(chart().locator("[data-placing]")).hasCount(0);
        button("+ label").click();
        drawing().click(new Locator.ClickOptions().setPosition(200, 60));
        assertThat(chart().getByLabel("Text of the mark")).isFocused();
        page.keyboard().type("steepest");
        page.keyboard().press("Enter");
        Locator label = chart().locator("[data-mark='label']");
        assertThat(label).hasText("steepest");
        var box = drawing().boundingBox();
        assertThat(centre(label)[0] - box.x).isCloseTo(200, within(12.0));
        assertThat(centre(label)[1] - box.y).isCloseTo(60, within(12.0));
        label.dblclick();
        assertThat(chart().getByLabel("Text of the mark")).hasValue("steepest");
        page.keyboard().type("flattest");
        page.keyboard().press("Enter");
        assertThat(label).hasText("flattest");
        page.keyboard().press("Control+z");
        assertThat(label).hasText("steepest");
    }

    @Test
    void takingAGridAwaySaysWhichChartsHaveNothingToDrawAndBringsItBack() {
        chartOfReadings();
        button("What can be done with Grid 1").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Take off the page"))
                .click();
        assertThat(page.getByText("Without Grid 1 these charts have nothing to draw: Height by Time."))
                .isVisible();
        button("Bring it back").click();
        assertThat(at("A1")).hasText("Time, s");
    }

    /** Puts a mark into the middle by key, with the text that it comes with. */
    private void putOn(String mark) {
        button("+ " + mark).press("Enter");
        page.getByLabel("Text of the mark").waitFor();
        page.keyboard().press("Escape");
    }

    @Test
    void arrowsAndFormulasAreDrawnAndTakenOffByKey() {
        chartOfReadings();
        putOn("formula");
        assertThat(chart().locator("[data-mark='formula'] .katex")).isVisible();
        putOn("arrow");
        assertThat(chart().locator("[data-mark='arrow']")).containsText("here");
        assertThat(chart().locator("[data-mark='arrow']")).isFocused();
        page.keyboard().press("Delete");
        assertThat(chart().locator("[data-mark='arrow']")).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(chart().locator("[data-mark='arrow']")).hasCount(1);
    }

    @Test
    void aCurveHasItsTangentAtAPoint() {
        openWorksheet(page, "Steeping surface");
        Locator cup = page.locator("#block-cup-curve");
        cup.scrollIntoViewIfNeeded();
        assertThat(cup.locator("[data-mark='tangent']")).containsText("slope ≈ 0.1599 at 2");
    }

    @Test
    void hoveringReadsAPoint() {
        chartOfReadings();
        choose("Shown as", "points");
        Locator marker = drawing().locator("svg path[fill='" + CLAY + "']").last();
        // The chart is drawn anew as points, and what was read before is gone then: a person moves on.
        page.waitForCondition(() -> {
            page.mouse().move(0, 0);
            marker.hover(new Locator.HoverOptions().setForce(true));
            return drawing().textContent().contains("3 s → 16");
        });
    }

    @Test
    void hoveringReadsALineWithoutMarkers() {
        chartOfReadings();
        choose("Shown as", "line");
        soon(drawn -> assertThat(drawn.lines(CLAY).get(0)).hasSize(4));
        Locator told = drawing().getByText(Pattern.compile("^Height, \\d s: \\d+$"));
        var box = drawing().boundingBox();
        for (int down = 10; told.count() == 0 && down < box.height - 40; down += 5) {
            page.mouse().move(box.x + box.width * 0.6, box.y + down);
        }
        assertThat(told).hasText("Height, 2 s: 9");
        page.mouse().move(box.x + box.width * 0.3, box.y + 20);
        assertThat(told).hasCount(0);
    }

    @Test
    void zoomingLooksCloserAndShowAllComesBack() {
        chartOfReadings();
        List<String> whole = drawn().ticksAcross();
        button("Look closer").click();
        button("Look closer").click();
        assertThat(button("show all")).isVisible();
        shows("1.5");
        soon(drawn -> assertThat(drawn.ticksAcross()).isNotEqualTo(whole));
        double[] middle = centre(drawing());
        page.mouse().move(middle[0], middle[1]);
        page.mouse().down();
        page.mouse().move(middle[0] + 60, middle[1]);
        page.mouse().move(middle[0] + 120, middle[1]);
        page.mouse().up();
        button("show all").click();
        shows("0");
        soon(drawn -> assertThat(drawn.ticksAcross()).isEqualTo(whole));
    }

    @Test
    void pointsSelectTheirCellsAndCellsTheirPoints() {
        chartOfReadings();
        Locator marker = drawing().locator("svg path[fill='" + CLAY + "']").last();
        double[] at = centre(marker);
        page.mouse().click(at[0], at[1]);
        assertThat(at("B5")).hasAttribute("aria-selected", "true");
        ringsAre(1);
        double[] start = centre(drawing());
        var box = drawing().boundingBox();
        page.mouse().move(box.x + 60, box.y + 14);
        page.mouse().down();
        page.mouse().move(start[0], start[1]);
        page.mouse().move(box.x + box.width - 10, box.y + box.height - 46);
        page.mouse().up();
        assertThat(at("B2")).hasAttribute("aria-selected", "true");
        assertThat(at("B4")).hasAttribute("aria-selected", "true");
        ringsAre(4);
        at("A3").click(); // the cell across chooses the point too
        ringsAre(1);
    }

    @Test
    void theKeyboardWalksThroughPointsAndGoesToACell() {
        chartOfReadings();
        drawing().focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(drawing().getByRole(AriaRole.STATUS)).hasText("Height, 1 s: 4");
        page.keyboard().press("End");
        assertThat(drawing().getByRole(AriaRole.STATUS)).hasText("Height, 3 s: 16");
        page.keyboard().press("Enter");
        assertThat(at("B5")).hasAttribute("aria-selected", "true");
    }

    @Test
    void earlierLooksAreSteppedThroughComparedAndBroughtBack() {
        chartOfReadings();
        type("B5", "99");
        drawing().click(new Locator.ClickOptions().setPosition(200, 60));
        Locator strip = chart().getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Earlier looks"));
        assertThat(strip).containsText("16 → 99");
        shows("100");
        page.keyboard().press("Alt+,");
        shows("20");
        page.keyboard().press("Alt+.");
        shows("100");
        button("side by side").click();
        assertThat(chart().locator("[data-drawing]")).hasCount(2);
        assertThat(DrawnChart.of(chart().getByLabel("Earlier look", new Locator.GetByLabelOptions().setExact(true))
                                .and(page.locator("div")))
                        .ticksUp())
                .doesNotContain("100");
        button("one over the other").click();
        assertThat(chart().locator("[data-drawing]")).hasCount(1);
        assertThat(drawing()
                        .locator("svg path[stroke-opacity='0.3'], svg path[fill-opacity='0.3']")
                        .first())
                .isVisible();
        button("bring this look back").click();
        assertThat(at("B5")).hasText("16");
        assertThat(foot()).containsText("Brought back");
        page.keyboard().press("Control+z");
        assertThat(at("B5")).hasText("99");
    }

    @Test
    void anInputRunsThroughItsValuesAndKeepsItsOwn() {
        newWorksheet();
        type("A1", "rise = 2");
        find("draw a curve");
        page.getByLabel("Expression").fill("rise*x");
        button("Draw it").click();
        shows("20");
        page.getByLabel("First value").fill("0");
        page.getByLabel("Last value").fill("10");
        button("Run").click();
        Locator bar = chart().getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Run through rise"));
        shows("100"); // the axes are those of all values
        button("Pause").click();
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Value of rise"))
                .press("Home");
        assertThat(bar).containsText("rise = 0");
        button("One value on").click();
        assertThat(bar).containsText("rise = 0.25");
        button("Play").click();
        assertThat(bar).containsText(Pattern.compile("rise = [1-9]"));
        button("Pause").click();
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Value of rise"))
                .press("End");
        assertThat(bar).containsText("rise = 10");
        DrawnChart drawn = drawn();
        assertThat(drawn.lines(CLAY).get(0))
                .last()
                .satisfies(place -> assertThat(place.up()).isCloseTo(100, within(1.0)));
        button("End").click();
        shows("20");
        assertThat(at("A1")).containsText("2");
        assertThat(page.getByText("no value", new Page.GetByTextOptions())).hasCount(0);
    }

    @Test
    void whatCannotRunIsTold() {
        openWorksheet(page, "Cooling cup");
        page.locator("#block-curve").scrollIntoViewIfNeeded();
        page.locator("#block-curve [data-drawing]").click(new Locator.ClickOptions().setPosition(200, 60));
        page.getByLabel("First value").fill("warm");
        page.getByLabel("Last value").fill("10");
        button("Run").click();
        assertThat(page.locator("#block-curve").getByRole(AriaRole.ALERT)).containsText("warm is not");
        browser.complaints().removeIf(complaint -> complaint.contains("422"));
    }

    @Test
    void theChartIsHandedOverAsPictureAndData() throws IOException {
        chartOfReadings();
        putOn("label");
        assertThat(chart().locator("[data-mark='label']")).isVisible();
        Download svg = page.waitForDownload(() -> button("SVG").click());
        String text = Files.readString(svg.path());
        assertThat(svg.suggestedFilename()).isEqualTo("Height by Time.svg");
        assertThat(text)
                .startsWith("<svg")
                .contains(
                        "@font-face",
                        "IBM Plex Sans",
                        "<title>Height by Time</title>",
                        ">Height by Time</text>",
                        "Time in s",
                        ">label<",
                        "<desc>")
                .doesNotContain("var(--");
        assertThat(text.replaceAll("base64,[^)]*", "")).doesNotContain("NaN");
        Download png = page.waitForDownload(() -> button("PNG").click());
        byte[] bytes = Files.readAllBytes(png.path());
        assertThat(new String(bytes, 1, 3, StandardCharsets.US_ASCII)).isEqualTo("PNG");
        assertThat(java.nio.ByteBuffer.wrap(bytes, 16, 8).getInt()).isEqualTo(3 * 658);
        Download csv = page.waitForDownload(() -> button("CSV").click());
        assertThat(Files.readString(csv.path())).isEqualTo("Time [s],Height\r\n0,1\r\n1,4\r\n2,9\r\n3,16\r\n");
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        button("Copy data").click();
        assertThat(page.getByText("The data is on the clipboard.")).isVisible();
        assertThat(page.evaluate("() => navigator.clipboard.readText()").toString())
                .contains("3,16");
        button("Copy picture").click();
        assertThat(page.getByText("The picture is on the clipboard.")).isVisible();
    }

    /** Other programs know neither HTML within a picture nor our fonts. */
    @Test
    void aFormulaIsHandedOverAsOutlines() throws IOException {
        chartOfReadings();
        putOn("formula");
        assertThat(chart().locator("[data-mark='formula'] .katex")).isVisible();
        String text = Files.readString(
                page.waitForDownload(() -> button("SVG").click()).path());
        String mark = text.substring(text.indexOf("data-mark=\"formula\""));
        assertThat(mark)
                .containsPattern("<g transform=\"translate\\([0-9.]+ [0-9.]+\\) scale")
                .contains("<path");
        assertThat(text).doesNotContain("foreignObject", "katex");
    }

    @Test
    void aSurfaceIsHandedOverAsItWasTurned() throws IOException {
        openWorksheet(page, "Steeping surface");
        Locator surface = page.locator("#block-surface");
        surface.scrollIntoViewIfNeeded();
        assertThat(surface.locator("canvas").first()).isVisible();
        surface.locator("[data-drawing]").focus();
        page.waitForFunction(
                "() => [...document.querySelectorAll('#block-surface canvas')].some(c => c.toDataURL().length > 9000)");
        byte[] before = Files.readAllBytes(
                page.waitForDownload(() -> button("PNG").click()).path());
        assertThat(coloursOf(before)).isGreaterThan(500);
        surface.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Turn left"))
                .click();
        String text = Files.readString(
                page.waitForDownload(() -> button("SVG").click()).path());
        assertThat(text).startsWith("<svg").contains("<title>", "<image href=\"data:image/png;base64,");
        String picture = text.replaceFirst("(?s).*base64,", "").replaceFirst("(?s)\".*", "");
        byte[] turned = Base64.getDecoder().decode(picture);
        assertThat(coloursOf(turned)).isGreaterThan(500);
        assertThat(turned).isNotEqualTo(before);
    }

    private static long coloursOf(byte[] png) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        int[] dots = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return Arrays.stream(dots).distinct().count();
    }

    @Test
    void theChartIsPrintedByItselfFromLines() {
        chartOfReadings();
        page.evaluate(
                "() => { window.printed = ''; const open = document.body.append.bind(document.body);"
                        + " document.body.append = (...nodes) => { open(...nodes); for (const node of nodes)"
                        + " if (node.contentWindow) node.contentWindow.print = () => { window.printed = node.contentDocument.body.innerHTML } } }");
        button("Print").click();
        page.waitForFunction("() => window.printed.includes('<svg') && window.printed.includes('Time in s')");
    }

    @Test
    void aTwoWayTableIsASurfaceContoursOrColours() {
        openWorksheet(page, "Steeping surface");
        Locator surface = page.locator("#block-surface");
        surface.scrollIntoViewIfNeeded();
        assertThat(surface.locator("canvas").first()).isVisible();
        assertThat(surface).containsText("A table of 8 rows and 8 columns");
        surface.locator("[data-drawing]").focus();
        page.keyboard().press("ArrowRight");
        surface.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Turn left"))
                .click();
        choose("Shown as", "coloured table");
        assertThat(surface.locator("svg text", new Locator.LocatorOptions().setHasText("95"))
                        .first())
                .isVisible();
        assertThat(DrawnChart.of(surface).words()).contains("Temperature in °C", "60", "95");
        choose("Shown as", "contours");
        Locator contours = page.locator("#block-contours");
        contours.scrollIntoViewIfNeeded();
        assertThat(contours.locator("svg text", new Locator.LocatorOptions().setHasText("50 %"))
                        .first())
                .isVisible();
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
    }

    @Test
    void valuesOfATwoWayTableSelectTheirCellsAndCellsTheirValues() {
        openWorksheet(page, "Steeping surface");
        Locator surface = page.locator("#block-surface");
        Locator drawing = surface.locator("[data-drawing]");
        Locator focused = page.locator("[data-active='true'] [data-focused='true']");
        surface.scrollIntoViewIfNeeded();
        assertThat(surface.locator("canvas").first()).isVisible();
        drawing.focus();
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Shift+ArrowDown");
        assertThat(drawing.getByRole(AriaRole.STATUS)).hasText("Strength, Temperature in °C 60, Minutes 8: ≈ 58 %");
        page.keyboard().press("Enter");
        assertThat(focused).hasAttribute("data-cell", "B8");

        drawing.focus();
        choose("Shown as", "coloured table");
        assertThat(surface.locator("svg text", new Locator.LocatorOptions().setHasText("95"))
                        .first())
                .isVisible();
        drawing.scrollIntoViewIfNeeded();
        drawing.click(new Locator.ClickOptions().setPosition(90, drawing.boundingBox().height - 64));
        assertThat(focused).hasAttribute("data-cell", "B2");
        Locator rings = surface.locator("svg path[stroke='" + CLAY + "'][d^='M1 0A1']");
        assertThat(rings).hasCount(1);
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Shift+ArrowDown");
        assertThat(rings).hasCount(4);

        drawing.focus();
        choose("Shown as", "contours");
        putOn("label");
        assertThat(surface.locator("[data-marks]")).containsText("label");
        page.keyboard().press("Control+z");
        assertThat(surface.locator("[data-marks]")).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(surface.locator("svg rect").first()).isAttached();
        page.keyboard().press("Control+z");
        assertThat(surface.locator("canvas").first()).isVisible();
    }

    @Test
    void partsOfAWholeSelectTheirCellsAndCellsTheirParts() {
        chartOfReadings();
        choose("Shown as", "shares");
        shows("3  ≈ 53.3 %");
        Locator marked = drawing().locator("svg path[stroke='" + CLAY + "']");
        assertThat(marked).hasCount(0);
        var box = drawing().boundingBox();
        page.mouse().click(box.x + box.width / 2 - 40, box.y + box.height / 2); // the last part is all of the left
        assertThat(at("B5")).hasAttribute("aria-selected", "true");
        assertThat(marked).not().hasCount(0);
        drawing().focus();
        page.keyboard().press("ArrowRight");
        assertThat(drawing().getByRole(AriaRole.STATUS)).hasText("0: 1, ≈ 3.3 %");
    }

    @Test
    void theDemoChartsSayWhatTheyShow() {
        openWorksheet(page, "Cooling cup");
        assertThat(page.locator("#block-curve")).containsText("Reading: 10 points, from 95.0 at 0 to 28.6 at 50.");
        assertThat(page.locator("#block-residuals")).containsText("Difference: 10 points");
        page.goBack();
        openWorksheet(page, "Spring blend");
        assertThat(page.locator("#block-shares")).containsText("River Red");
        page.goBack();
        openWorksheet(page, "Tasting tray");
        assertThat(page.locator("#block-choices")).containsText("Highest: 126 at 4.");
    }

    @Test
    void axeFindsNoFaultInAChartWithItsSettings() {
        chartOfReadings();
        type("B5", "20");
        drawing().click(new Locator.ClickOptions().setPosition(200, 60));
        putOn("label");
        assertThat(chart().locator("[data-mark='label']")).isVisible();
        assertThat(faultsOfAxe()).isEmpty();
        page.keyboard().press("Alt+Shift+v");
        page.getByLabel("Expression, or a calculated cell").waitFor();
        assertThat(faultsOfAxe()).isEmpty();
    }
}
