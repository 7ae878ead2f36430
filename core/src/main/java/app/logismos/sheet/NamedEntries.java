package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.EntryReader;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Text;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A name belongs to its cell (language, section 1): what is typed over it keeps the name, and {@code width = 3} is the
 * number 3 in a cell with a name. Only taking a name away takes it away.
 */
public final class NamedEntries {
    private static final Pattern NAMED =
            Pattern.compile("\\s*(\\p{L}[\\p{L}\\p{Mn}0-9_]*)\\s*=\\s*(.*?)\\s*", Pattern.DOTALL);

    private NamedEntries() {}

    /** Edits as a person means them, in the worksheet as it is. */
    public static List<Edit> written(List<Edit> edits, Worksheet worksheet) {
        Set<String> typed = new HashSet<>();
        for (Edit edit : edits) {
            if (edit instanceof Edit.Enter enter) {
                enter.cells().forEach(each -> name(each.text()).ifPresent(name -> typed.add(key(name))));
            }
        }
        List<Edit> written = new ArrayList<>();
        for (Edit edit : edits) {
            if (edit instanceof Edit.Enter enter) {
                enter(enter, typed, worksheet, written);
            } else if (edit instanceof Edit.Define define && define.target().isEmpty()) {
                written.add(claimed(define.name(), worksheet)
                        .<Edit>map(place -> withoutName(place, worksheet))
                        .orElse(define));
            } else {
                written.add(edit);
            }
        }
        return written;
    }

    private static void enter(Edit.Enter enter, Set<String> typed, Worksheet worksheet, List<Edit> written) {
        List<Edit.Typed> cells = new ArrayList<>(enter.cells().size());
        List<Edit> names = new ArrayList<>();
        boolean isThere = worksheet.outline().grid(enter.grid()).isPresent();
        for (Edit.Typed each : enter.cells()) {
            Optional<Edit.Place> place = Optional.of(new Edit.Place(enter.grid(), new Area(each.cell(), each.cell())));
            Optional<String> name = name(each.text());
            Optional<Edit.Typed> value = name.flatMap(named -> valueOf(each, worksheet.units()));
            cells.add(value.orElse(each));
            name.filter(named -> value.isPresent() && !isDefined(named, place.get(), worksheet))
                    .ifPresent(named -> names.add(new Edit.Define(named, place)));
            Optional<String> before = name.isEmpty() && isThere
                    ? worksheet.cell(enter.grid(), each.cell()).flatMap(cell -> Worksheet.nameIn(cell.entry()))
                    : Optional.empty();
            before.filter(kept -> !typed.contains(key(kept)))
                    .ifPresent(kept -> names.add(new Edit.Define(kept, place)));
        }
        written.add(new Edit.Enter(enter.grid(), cells));
        written.addAll(names);
    }

    /** The plain value behind a name, by itself; nothing where what stands there is calculated. */
    private static Optional<Edit.Typed> valueOf(Edit.Typed typed, UnitCatalogue units) {
        Matcher named = NAMED.matcher(typed.text());
        if (!named.matches() || named.group(2).isEmpty()) {
            return Optional.empty();
        }
        String text = named.group(2);
        boolean isQuoted = text.startsWith("\"") && text.endsWith("\"") && text.length() > 1;
        return isQuoted || !(EntryReader.value(text, units) instanceof Text)
                ? Optional.of(new Edit.Typed(typed.cell(), text))
                : Optional.empty();
    }

    private static Optional<String> name(String text) {
        if (text.indexOf('=') < 0) {
            return Optional.empty();
        }
        Matcher named = NAMED.matcher(text);
        return named.matches() ? Optional.of(named.group(1)) : Optional.empty();
    }

    private static boolean isDefined(String name, Edit.Place place, Worksheet worksheet) {
        return worksheet
                .names()
                .defined(name)
                .filter(target ->
                        target.grid().equals(place.grid()) && target.area().equals(place.area()))
                .isPresent();
    }

    /** The cell whose entry gives it this name. */
    private static Optional<Edit.Place> claimed(String name, Worksheet worksheet) {
        return worksheet
                .names()
                .find(name)
                .filter(target -> worksheet.names().defined(name).isEmpty())
                .map(target -> new Edit.Place(target.grid(), target.area()));
    }

    private static Edit withoutName(Edit.Place place, Worksheet worksheet) {
        Address at = place.area().first();
        Matcher named = NAMED.matcher(worksheet.textIn(place.grid(), at));
        String text = worksheet.textIn(place.grid(), at);
        if (!named.matches() && text.indexOf('(') < text.indexOf('=')) {
            throw new EditRefused("This is a function of your own. To delete it, clear its cell " + at + ".");
        }
        String rest = named.matches() ? "=" + named.group(2) : worksheet.textIn(place.grid(), at);
        return new Edit.Enter(place.grid(), List.of(new Edit.Typed(at, rest)));
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
