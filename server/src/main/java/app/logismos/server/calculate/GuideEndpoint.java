package app.logismos.server.calculate;

import app.logismos.guide.Guide;
import app.logismos.guide.GuideEntry;
import app.logismos.guide.GuidePage;
import app.logismos.server.web.InLowerCase;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The guide: its pages, and what answers a question in everyday words. */
@RestController
class GuideEndpoint {
    private static final int MOST = 40;

    /**
     * Something that answers a question.
     *
     * @param name the name of a function or constant, a unit's symbol, the id of a page or command
     * @param title what people read
     * @param says a sentence on it
     * @param near whether it only is called much like what was asked for, since nothing has the words
     */
    record GuideEntryJson(
            @InLowerCase(GuideEntry.Kind.class) String kind, String name, String title, String says, boolean near) {}

    /**
     * A page of the guide.
     *
     * @param says its first sentence
     * @param text Markdown
     * @param examples expressions that can be tried
     */
    record GuidePageJson(String name, String title, String says, String text, List<String> examples) {}

    /**
     * Functions, units, constants, pages and commands that answer a question, the best first, 40 at the most.
     *
     * @param q a question in everyday words, or a name
     */
    @GetMapping("/api/v1/guide")
    List<GuideEntryJson> guide(@RequestParam String q) {
        return Guide.STANDARD.find(q, MOST).stream().map(GuideEndpoint::json).toList();
    }

    /** The pages of the guide, in the order in which people come to need them. */
    @GetMapping("/api/v1/guide/pages")
    List<GuidePageJson> pages() {
        return GuidePage.ALL.stream()
                .map(page -> new GuidePageJson(page.name(), page.title(), page.says(), page.text(), page.examples()))
                .toList();
    }

    private static GuideEntryJson json(Guide.Found found) {
        GuideEntry entry = found.entry();
        return new GuideEntryJson(
                entry.kind().name().toLowerCase(Locale.ROOT),
                entry.name(),
                entry.title(),
                entry.says(),
                found.isNear());
    }
}
