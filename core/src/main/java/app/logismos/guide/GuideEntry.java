package app.logismos.guide;

import app.logismos.catalogue.Catalogue;
import app.logismos.catalogue.Everyday;
import app.logismos.catalogue.OpenFormula;
import app.logismos.function.Function;
import app.logismos.unit.UnitCatalogue;
import app.logismos.unit.UnitListing;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something that the guide can find.
 *
 * @param name what it is called by: the name of a function or constant, a unit's symbol, the id of a page or command
 * @param title what people read
 * @param says a sentence on it
 * @param words other names, and everyday words that people ask for it with
 * @param text what else is said about it
 */
public record GuideEntry(Kind kind, String name, String title, String says, String words, String text) {
    /** What an entry is of. */
    public enum Kind {
        FUNCTION,
        UNIT,
        CONSTANT,
        PAGE,
        COMMAND
    }

    /** All that ships with the program: pages, commands, functions, units, constants. */
    static List<GuideEntry> all() {
        Map<String, String> asked = Shipped.lines("words.csv")
                .collect(Collectors.toMap(line -> key(line.get(0), line.get(1)), line -> line.get(2)));
        List<GuideEntry> entries = Stream.of(
                        GuidePage.ALL.stream().map(GuideEntry::of),
                        Shipped.lines("commands.csv")
                                .map(line -> new GuideEntry(
                                        Kind.COMMAND, line.get(0), line.get(1), line.get(1), line.get(2), "")),
                        Catalogue.STANDARD.functions().stream().map(GuideEntry::of),
                        UnitCatalogue.STANDARD.listings().stream().map(GuideEntry::of),
                        Catalogue.STANDARD.constants().stream()
                                .map(constant -> new GuideEntry(
                                        Kind.CONSTANT,
                                        constant.name(),
                                        constant.name(),
                                        constant.says(),
                                        "",
                                        "constant")))
                .flatMap(each -> each)
                .map(entry -> {
                    String more = asked.remove(key(entry.kind.name(), entry.name));
                    return more == null ? entry : entry.with(more);
                })
                .toList();
        if (!asked.isEmpty()) {
            throw new IllegalStateException("words.csv must speak of what there is, speaks of " + asked.keySet());
        }
        return entries;
    }

    private static String key(String kind, String name) {
        return kind.toLowerCase(Locale.ROOT) + " " + name;
    }

    private GuideEntry with(String more) {
        return new GuideEntry(kind, name, title, says, words + " " + more, text);
    }

    private static GuideEntry of(GuidePage page) {
        return new GuideEntry(Kind.PAGE, page.name(), page.title(), page.says(), page.words(), page.plain());
    }

    private static GuideEntry of(Function function) {
        Stream<String> others = Stream.of(
                        function.synonyms().stream(),
                        OpenFormula.STANDARD.identifier(function).stream(),
                        Everyday.of(function.name()))
                .flatMap(each -> each);
        return new GuideEntry(
                Kind.FUNCTION,
                function.name(),
                function.name(),
                function.says(),
                others.collect(Collectors.joining(" ")),
                function.category().title() + " "
                        + function.parameters().stream()
                                .map(parameter -> parameter.name() + " " + parameter.says())
                                .collect(Collectors.joining(" ")));
    }

    private static GuideEntry of(UnitListing unit) {
        return new GuideEntry(
                Kind.UNIT,
                unit.symbol(),
                unit.symbol(),
                unit.name() + ", " + unit.measures(),
                String.join(" ", unit.others()) + " " + unit.name() + " " + unit.plural(),
                unit.group() + " " + unit.measures());
    }
}
