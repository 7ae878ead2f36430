package app.logismos.e2e;

import static app.logismos.e2e.Browser.cell;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** How fast charts of many points are: {@code ./logismos bench pages}, see {@link Figures}. */
@EnabledIfSystemProperty(named = "logismos.speed", matches = "true")
class ChartSpeedTest extends Visit {
    private static final int BATCH = 5_000;
    private static final int EDITS = 60;

    private final Figures figures = new Figures();

    @Test
    void figuresOfLargeCharts() {
        String many = worksheet(100_000);
        painting(many);
        panning();
        repainting(worksheet(10_000));
        assertThat(figures.told()).hasSize(3);
    }

    /** A wave with so many points, and a chart of it above them. */
    private String worksheet(int rows) {
        String id = program.post("/api/v1/worksheets", "{\"title\": \"Wave\"}")
                .replaceAll("(?s)^\\{\"id\":\"([^\"]+)\".*", "$1");
        String edits = "/api/v1/worksheets/" + id + "/edits";
        for (int from = 1; from <= rows; from += BATCH) {
            String cells = IntStream.range(from, from + BATCH)
                    .mapToObj(row -> "{\"cell\":\"A" + row + "\",\"text\":\"" + row + "\"},{\"cell\":\"B" + row
                            + "\",\"text\":\"" + Math.round(1000 * Math.sin(row / (rows / 40.0))) / 1000.0 + "\"}")
                    .collect(Collectors.joining(","));
            program.post(
                    edits,
                    "{\"base\": 1000, \"commands\": [{\"do\": \"enter\", \"grid\": \"grid-1\", \"cells\": [" + cells
                            + "]}]}");
        }
        program.post(
                edits,
                "{\"base\": 1000, \"commands\": [{\"do\": \"addBlock\", \"section\": \"section-1\", \"at\": 0, \"block\":"
                        + " {\"kind\": \"chart\", \"id\": \"wave\", \"title\": \"Wave\", \"grid\": \"grid-1\", \"across\": \"A1:A"
                        + rows
                        + "\", \"series\": [{\"source\": {\"of\": \"cells\", \"area\": \"B1:B" + rows
                        + "\"}, \"shape\": \"LINE\"}]}}]}");
        return id;
    }

    /** From asking for the points to the frame in which they are drawn. */
    private void painting(String id) {
        page.addInitScript(
                "new MutationObserver(() => { if (!window.drawn && document.querySelector('[data-renderer] svg path[stroke=\"#b24a2b\"]'))"
                        + " window.drawn = performance.now() }).observe(document, {childList: true, subtree: true})");
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            page.navigate(program.address() + "/worksheet/" + id);
            page.waitForFunction("() => window.drawn");
            times.add(((Number)
                            page.evaluate(
                                    "window.drawn - performance.getEntriesByType('resource').find((e) => e.name.includes('/charts/')).startTime"))
                    .doubleValue());
        }
        figures.tell("100,000 points, asked for and painted", times);
    }

    /** Frames while a part of them is dragged along. */
    private void panning() {
        Locator drawing = page.locator("[data-drawing]");
        button("Look closer").click();
        button("Look closer").click();
        button("show all").waitFor();
        page.evaluate(
                "() => { window.times = []; let last = performance.now(); const next = () => { const now = performance.now();"
                        + " window.times.push(now - last); last = now; requestAnimationFrame(next) }; requestAnimationFrame(next) }");
        double[] middle = centre(drawing);
        page.mouse().move(middle[0], middle[1]);
        page.mouse().down();
        for (int i = 0; i < 120; i++) {
            page.mouse().move(middle[0] + 2 * (i < 60 ? i : 120 - i), middle[1]);
        }
        page.mouse().up();
        figures.tell("frames while 100,000 points are dragged along", Figures.times(page));
    }

    /** From the key that keeps an entry until the line is painted as another. */
    private void repainting(String id) {
        page.navigate(program.address() + "/worksheet/" + id);
        page.waitForFunction("() => window.drawn");
        page.evaluate(Figures.fromKeyToPainted(
                "document.querySelector('[data-renderer] svg path[stroke=\"#b24a2b\"]')?.getAttribute('d')"));
        for (int i = 0; i < EDITS; i++) {
            cell(page, "grid-1", "B3").click();
            page.keyboard().type("0." + (30 + i)); // above all others in its two pixels
            page.evaluate("window.armed = true");
            page.keyboard().press("Enter");
            page.waitForFunction("() => window.times.length >= " + (i + 1));
            page.evaluate("window.armed = false");
        }
        figures.tell("key to repainted chart of 10,000 points", Figures.times(page));
    }
}
