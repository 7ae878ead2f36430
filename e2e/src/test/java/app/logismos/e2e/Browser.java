package app.logismos.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Debian's Chromium without a window, and what a person does in it. */
final class Browser implements AutoCloseable {
    private final Playwright playwright;
    private final com.microsoft.playwright.Browser chromium;
    private final List<String> complaints = new ArrayList<>();
    private final Map<BrowserContext, Traffic> visits = new LinkedHashMap<>();

    /** A machine may be busy with other things. */
    private static final int PATIENCE_MILLIS = 30_000;

    Browser() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        chromium = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-quic",
                                "--enable-unsafe-swiftshader",
                                "--disable-background-networking")));
    }

    /** A page of 1280 × 800 at the start page; nothing glides in it, so that a click finds what it is meant for. */
    Page open(RunningProgram program) {
        return open(program, ReducedMotion.REDUCE);
    }

    Page open(RunningProgram program, ReducedMotion motion) {
        Traffic traffic = new Traffic(program);
        BrowserContext visit =
                chromium.newContext(traffic.recorded(new com.microsoft.playwright.Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setReducedMotion(motion)));
        visits.put(visit, traffic);
        Page page = visit.newPage();
        page.setDefaultTimeout(2.0 * PATIENCE_MILLIS);
        listen(page);
        page.navigate(program.address());
        return page;
    }

    /** Closes all pages: what they and the program have said to each other is as the contract has it. */
    void leave() {
        visits.keySet().forEach(BrowserContext::close);
        List<Traffic> recorded = List.copyOf(visits.values());
        visits.clear();
        recorded.forEach(Traffic::compare);
    }

    /** Another page of the same person. */
    Page beside(Page page) {
        Page other = page.context().newPage();
        listen(other);
        return other;
    }

    private void listen(Page page) {
        page.onPageError(complaints::add);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error")) {
                complaints.add(message.text() + " " + message.location());
            }
        });
    }

    /** Errors that pages have told the console. */
    List<String> complaints() {
        return complaints;
    }

    static void openWorksheet(Page page, String title) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(title)))
                .click();
        page.getByRole(AriaRole.GRID).first().waitFor();
    }

    static Locator cell(Page page, String grid, String address) {
        return page.locator("[data-grid='" + grid + "'][data-cell='" + address + "']");
    }

    static Locator lens(Page page) {
        return page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Lens"));
    }

    /** What the scratch line says where nothing is written on it. */
    static final String EMPTY_SCRATCH = "type a calculation";

    static Locator scratch(Page page) {
        return page.locator("#scratch-line");
    }

    static Locator composer(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Override
    public void close() {
        chromium.close();
        playwright.close();
    }
}
