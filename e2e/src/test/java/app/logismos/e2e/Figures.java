package app.logismos.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Measured times, told as they come; nothing asserts them, since machines differ. */
final class Figures {
    private final List<String> told = new ArrayList<>();

    /** What the page has measured into {@code window.times}. */
    static List<Double> times(Page page) {
        return ((List<?>) page.evaluate("window.times"))
                .stream().map(each -> ((Number) each).doubleValue()).toList();
    }

    /**
     * A script that measures into {@code window.times} how long it takes from the key that keeps an entry, where {@code
     * window.armed}, until a text of the page is another and painted: the task behind the frame that first shows it runs when
     * its painting is done.
     *
     * @param text an expression of the page
     */
    static String fromKeyToPainted(String text) {
        return "() => { window.times = []; const text = () => " + text + ";"
                + " addEventListener('keydown', (e) => { if (e.key !== 'Enter' || !window.armed) return;"
                + " const from = performance.now(); const before = text();"
                + " const look = () => { if (text() === before) return requestAnimationFrame(look);"
                + " const behind = new MessageChannel();"
                + " behind.port1.onmessage = () => window.times.push(performance.now() - from);"
                + " behind.port2.postMessage(0) }; requestAnimationFrame(look) }, true) }";
    }

    /** The median of times in milliseconds, and how long the slow ones take. */
    void tell(String what, List<Double> times) {
        List<Double> sorted = times.stream().sorted().toList();
        say(
                what,
                String.format(
                        Locale.ROOT,
                        "median %6.1f ms, 95th percentile %6.1f ms (%d)",
                        sorted.get(sorted.size() / 2),
                        sorted.get((int) Math.ceil(sorted.size() * 0.95) - 1),
                        sorted.size()));
    }

    void say(String what, String figure) {
        told.add(String.format(Locale.ROOT, "%-52s %s", what, figure));
        System.out.println(told.get(told.size() - 1));
    }

    List<String> told() {
        return told;
    }
}
