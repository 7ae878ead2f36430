package app.logismos.e2e;

import static app.logismos.e2e.Browser.cell;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * How fast the pages are on a worksheet with 100,000 formula cells: {@code ./logismos bench pages}. It tells figures and
 * asserts none of them, since machines differ; {@code docs/benchmarks.md} keeps them.
 */
@EnabledIfSystemProperty(named = "logismos.speed", matches = "true")
class PageSpeedTest extends Visit {
    private static final int ROWS = 10_000;
    private static final int FORMULAS = 10;
    private static final int EDITS = 200;
    private static final int BATCH = 2_000;

    private final HttpClient http = HttpClient.newHttpClient();
    private final Figures figures = new Figures();

    @Test
    void figuresOfALargeWorksheet() {
        String id = largeWorksheet();
        String url = program.address() + "/worksheet/" + id;
        opening(url);
        typing();
        previews(id);
        scrolling();
        scripts(url);
        assertThat(figures.told()).hasSize(5);
    }

    /** Rows of a number, and formulas each of which takes the one before. */
    private String largeWorksheet() {
        String created = program.post("/api/v1/worksheets", "{\"title\": \"Large\"}");
        String id = created.replaceAll("(?s)^\\{\"id\":\"([^\"]+)\".*", "$1");
        for (int from = 1; from <= ROWS; from += BATCH) {
            String cells = IntStream.range(from, from + BATCH)
                    .boxed()
                    .flatMap(row -> IntStream.rangeClosed(0, FORMULAS)
                            .mapToObj(column -> "{\"cell\":\"" + (char) ('A' + column) + row + "\",\"text\":\""
                                    + (column == 0
                                            ? String.valueOf(row)
                                            : "=" + (char) ('A' + column - 1) + row + "*1.02+1")
                                    + "\"}"))
                    .collect(Collectors.joining(","));
            program.post(
                    "/api/v1/worksheets/" + id + "/edits",
                    "{\"base\": 1000, \"commands\": [{\"do\": \"enter\", \"grid\": \"grid-1\", \"cells\": [" + cells
                            + "]}]}");
        }
        return id;
    }

    private void opening(String url) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            page.addInitScript(
                    "new MutationObserver((_, me) => { const c = document.querySelector('[data-cell=\"B2\"]');"
                            + " if (c && c.textContent.length > 1 && !window.opened) { requestAnimationFrame(() => {"
                            + " window.opened ??= performance.now() }); me.disconnect() } })"
                            + ".observe(document, {childList: true, subtree: true})");
            page.navigate(url);
            page.waitForFunction("() => window.opened");
            times.add(((Number) page.evaluate("window.opened")).doubleValue());
        }
        figures.tell("opening, navigation to the first painted values", times);
    }

    /** From the key that keeps an entry until the new value of the last of its ten dependents is painted. */
    private void typing() {
        cell(page, "grid-1", "A2").click();
        page.evaluate(Figures.fromKeyToPainted("document.querySelector('[data-cell=\"K2\"]')?.textContent"));
        for (int i = 0; i < EDITS; i++) {
            cell(page, "grid-1", "A2").click();
            page.keyboard().type(String.valueOf(100 + i));
            page.evaluate("window.armed = true");
            page.keyboard().press("Enter");
            int expected = i + 1;
            page.waitForFunction("() => window.times.length >= " + expected);
            page.evaluate("window.armed = false");
        }
        figures.tell("key to painted dependents", times());
    }

    private void previews(String id) {
        page.evaluate(
                "async (id) => { window.times = []; for (let i = 0; i < 200; i++) { const from = performance.now();"
                        + " await fetch('/api/v1/worksheets/' + id + '/preview', {method: 'POST', headers: {'content-type':"
                        + " 'application/json'}, body: JSON.stringify({grid: 'grid-1', address: 'M5', entry: '=sum(B1:B50)*' + i +"
                        + " '+mean(C1:C20)', cursor: 8})}).then((r) => r.json()); window.times.push(performance.now() - from) } }",
                id);
        figures.tell("preview while typing, asked and answered", times());
    }

    private void scrolling() {
        page.evaluate(
                "async () => { window.times = []; const all = [...document.querySelectorAll('*')]; const box = all.find((e)"
                        + " => e.scrollHeight > 100000 && getComputedStyle(e).overflowY === 'auto'); let last = performance.now();"
                        + " for (let top = 0; top < box.scrollHeight; top += 400) { box.scrollTop = top; await new"
                        + " Promise(requestAnimationFrame); const now = performance.now(); window.times.push(now - last); last = now } }");
        figures.tell("frames while scrolling through 10,000 rows", times());
    }

    private void scripts(String url) {
        page.navigate(url);
        assertThat(cell(page, "grid-1", "B2")).not().hasText("");
        List<?> names = (List<?>) page.evaluate(
                "performance.getEntriesByType('resource').map((e) => e.name).filter((n) => n.endsWith('.js'))");
        long compressed = names.stream()
                .mapToLong(name -> compressed(String.valueOf(name)))
                .sum();
        figures.say("script of the first view, compressed", compressed / 1000 + " kB in " + names.size() + " files");
    }

    private long compressed(String address) {
        try {
            byte[] script = http.send(
                            HttpRequest.newBuilder(URI.create(address)).build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (GZIPOutputStream zip = new GZIPOutputStream(out)) {
                zip.write(script);
            }
            return out.size();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }

    private List<Double> times() {
        return Figures.times(page);
    }
}
