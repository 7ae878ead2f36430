package app.logismos.e2e;

import static app.logismos.e2e.Browser.cell;
import static app.logismos.e2e.Browser.composer;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;

/** A person's visit: the running program with its demo data, a browser, and a page of it for each test. */
abstract class Visit {
    /** One program and one browser for all visits: each of these makes worksheets of its own. */
    static RunningProgram program;

    static Browser browser;
    static Path data;
    Page page;

    @BeforeAll
    static synchronized void start() throws IOException {
        if (program == null) {
            data = Files.createTempDirectory("logismos-visits");
            program = RunningProgram.start(data);
            browser = new Browser();
            Runtime.getRuntime().addShutdownHook(new Thread(Visit::stop));
        }
    }

    private static void stop() {
        program.close();
        try (Stream<Path> files = Files.walk(data)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    @BeforeEach
    void open() {
        browser.complaints().clear();
        page = browser.open(program);
    }

    @AfterEach
    void nothingWasComplainedAbout() {
        browser.leave();
        assertThat(browser.complaints()).isEmpty();
    }

    void newWorksheet() {
        button("New worksheet").click();
        page.getByRole(AriaRole.GRID).waitFor();
    }

    /** Types into a cell of the first grid of a new worksheet. */
    void type(String address, String text) {
        cell(page, "grid-1", address).click();
        page.keyboard().type(text);
        page.keyboard().press("Enter");
        assertThat(composer(page)).isHidden();
    }

    /** Types entries into a column, from a cell downwards. */
    void typeDown(String address, String... entries) {
        cell(page, "grid-1", address).click();
        for (String entry : entries) {
            page.keyboard().type(entry);
            page.keyboard().press("Enter");
            assertThat(composer(page)).isHidden();
        }
    }

    /** Types where the focus is, and presses a key that keeps it. */
    void typeIn(String text, String key) {
        page.keyboard().type(text);
        page.keyboard().press(key);
        assertThat(composer(page)).isHidden();
    }

    /** Goes to a cell of the first grid by keys. */
    void goTo(String cell) {
        find(cell.toLowerCase(Locale.ROOT));
        assertThat(at(cell)).hasAttribute("data-focused", "true");
        assertThat(page.getByRole(AriaRole.GRID)).isFocused();
    }

    /** Typed into a cell that is clicked, and kept by a click on another. */
    void put(String cell, String text) {
        at(cell).click();
        page.keyboard().type(text);
        at(cell.equals("A8") ? "A9" : "A8").click();
        assertThat(composer(page)).isHidden();
    }

    Locator at(String address) {
        return cell(page, "grid-1", address);
    }

    /** Selects an area of the first grid: from one corner to another. */
    void select(String from, String to) {
        at(from).click();
        at(to).click(new Locator.ClickOptions()
                .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    Locator foot() {
        return page.getByRole(AriaRole.CONTENTINFO);
    }

    Locator contents() {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Contents"));
    }

    /** What is drawn comes a moment after what is chosen: looks until it is so. */
    void soon(Locator figure, Consumer<DrawnChart> check) {
        List<Throwable> last = new ArrayList<>();
        try {
            page.waitForCondition(() -> {
                try {
                    check.accept(DrawnChart.of(figure));
                    return true;
                } catch (AssertionError | IndexOutOfBoundsException notYet) {
                    last.add(notYet);
                    return false;
                }
            });
        } catch (TimeoutError late) {
            throw new AssertionError("the chart is not so", last.isEmpty() ? late : last.get(last.size() - 1));
        }
    }

    /** Runs a command by the words that the finder finds it with. */
    void find(String words) {
        page.keyboard().press("Control+k");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("What do you want")))
                .fill(words);
        page.locator("#finder-list [role=option]").first().waitFor();
        page.keyboard().press("Enter");
    }

    double[] centre(Locator element) {
        var box = element.boundingBox();
        return new double[] {box.x + box.width / 2, box.y + box.height / 2};
    }

    /** Presses on one element and lets go on another. */
    void drag(Locator from, Locator to) {
        double[] start = centre(from);
        page.mouse().move(start[0], start[1]);
        page.mouse().down();
        double[] end = centre(to);
        page.mouse().move((start[0] + end[0]) / 2, (start[1] + end[1]) / 2);
        page.mouse().move(end[0], end[1]);
        page.mouse().up();
    }

    /** Waits until nothing fades or slides any more: panels take the focus, and have their colours, when they have come. */
    void settle() {
        page.waitForFunction("() => document.getAnimations().every((each) => each.playState !== 'running')");
    }

    /** What axe finds of any level, with its rules that are not settled yet. */
    List<String> faultsOfAxe() {
        settle();
        return new AxeBuilder(page)
                        .withTags(List.of(
                                "wcag2a",
                                "wcag2aa",
                                "wcag21a",
                                "wcag21aa",
                                "wcag22aa",
                                "best-practice",
                                "experimental"))
                        .analyze()
                        .getViolations()
                        .stream()
                        .map(Visit::described)
                        .toList();
    }

    private static String described(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " "
                + rule.getNodes().stream().map(node -> node.getHtml()).limit(3).toList();
    }
}
