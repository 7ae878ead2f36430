package app.logismos.act;

import app.logismos.formula.EntryReader;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.Period;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.regex.Matcher;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The pattern that entries show, and how it goes on: even or growing steps of numbers, dates by days or months, names of
 * weekdays and months, texts that end with a number. What shows none is repeated.
 */
final class Pattern {
    private static final java.util.regex.Pattern NUMBERED = java.util.regex.Pattern.compile("(.*?)([0-9]{1,9})");
    private static final int MOST_DIGITS = 30;

    private static final List<List<String>> ROUNDS = Stream.of(TextStyle.FULL, TextStyle.SHORT)
            .flatMap(style -> Stream.of(
                    Stream.of(DayOfWeek.values())
                            .map(day -> day.getDisplayName(style, Locale.ENGLISH))
                            .toList(),
                    Stream.of(Month.values())
                            .map(month -> month.getDisplayName(style, Locale.ENGLISH))
                            .toList()))
            .toList();

    private final List<String> entries;
    private final IntFunction<String> goesOn;

    private Pattern(List<String> entries, IntFunction<String> goesOn) {
        this.entries = entries;
        this.goesOn = goesOn;
    }

    static Pattern of(List<String> entries, UnitCatalogue units) {
        return new Pattern(
                entries,
                numbers(entries, units)
                        .or(() -> dates(entries, units))
                        .or(() -> rounds(entries))
                        .or(() -> numbered(entries, units))
                        .orElse(at -> entries.get(at % entries.size())));
    }

    /** The entries that follow. */
    List<String> next(int count) {
        return IntStream.range(entries.size(), entries.size() + count)
                .mapToObj(goesOn)
                .toList();
    }

    private static <T> Optional<List<T>> all(List<String> entries, Function<String, Optional<T>> reading) {
        List<T> read =
                entries.stream().flatMap(entry -> reading.apply(entry).stream()).toList();
        return read.size() == entries.size() ? Optional.of(read) : Optional.empty();
    }

    /** Two numbers or more with the same difference, or three with the same ratio; all with one unit or none. */
    private static Optional<IntFunction<String>> numbers(List<String> entries, UnitCatalogue units) {
        Optional<List<Rational>> read =
                entries.size() < 2 ? Optional.empty() : all(entries, entry -> number(entry, units));
        if (read.isEmpty() || !isAlike(entries, units)) {
            return Optional.empty();
        }
        List<Rational> numbers = read.get();
        int places = entries.stream().mapToInt(Pattern::places).max().orElse(0);
        Rational first = numbers.get(0);
        Rational step = exact(numbers.get(1).minus(first));
        boolean isEven = IntStream.range(1, numbers.size())
                .allMatch(i -> numbers.get(i).minus(numbers.get(i - 1)).equals(step));
        if (isEven) {
            return Optional.of(at ->
                    written(exact(first.plus(exact(step.times(Rational.of(at))))), entries.get(0), places, units));
        }
        boolean canGrow = numbers.size() > 2 && numbers.stream().noneMatch(number -> number.signum() == 0);
        Rational ratio = canGrow ? exact(numbers.get(1).dividedBy(first)) : first;
        boolean isGrowing = canGrow
                && IntStream.range(1, numbers.size())
                        .allMatch(i ->
                                numbers.get(i).dividedBy(numbers.get(i - 1)).equals(ratio));
        return isGrowing
                ? Optional.of(at -> {
                    Rational number = first;
                    for (int i = 0; i < at; i++) {
                        number = exact(number.times(ratio));
                    }
                    return written(number, entries.get(0), places, units);
                })
                : Optional.empty();
    }

    private static Rational exact(Object result) {
        return (Rational) result;
    }

    private static Optional<Rational> number(String entry, UnitCatalogue units) {
        Value value = EntryReader.value(entry, units);
        Real real = value instanceof NumberValue number
                ? number.real()
                : value instanceof Quantity quantity ? quantity.number() : Real.from(0);
        return real instanceof Rational rational ? Optional.of(rational) : Optional.empty();
    }

    private static boolean isAlike(List<String> entries, UnitCatalogue units) {
        return entries.stream().map(entry -> behind(entry, units)).distinct().count() == 1;
    }

    /** What stands behind the number: a percent sign, a unit, or nothing. */
    private static String behind(String entry, UnitCatalogue units) {
        Value value = EntryReader.value(entry, units);
        if (value instanceof Quantity quantity) {
            return quantity.unit().symbol();
        }
        return entry.strip().endsWith("%") ? "%" : "";
    }

    /** How many digits stand behind the decimal point. */
    static int places(String entry) {
        int point = entry.indexOf('.');
        int end = point + 1;
        while (point >= 0 && end < entry.length() && Character.isDigit(entry.charAt(end))) {
            end++;
        }
        return point < 0 ? 0 : end - point - 1;
    }

    /** A number as an entry like another one, with as many decimal places at least. */
    static String written(Rational number, String like, int places, UnitCatalogue units) {
        boolean isPercent = behind(like, units).equals("%");
        Rational shown = isPercent ? exact(number.times(Rational.of(100))) : number;
        String text = Plain.decimal(shown, MOST_DIGITS)
                .map(decimal -> padded(decimal, places))
                .orElseGet(() -> Plain.text(shown));
        if (EntryReader.value(like, units) instanceof Quantity quantity) {
            return quantity.unit().behind(text);
        }
        return isPercent ? text + (like.strip().endsWith(" %") ? " %" : "%") : text;
    }

    private static String padded(String decimal, int places) {
        BigDecimal number = new BigDecimal(decimal);
        return number.setScale(Math.max(places, number.scale()), RoundingMode.UNNECESSARY)
                .toPlainString();
    }

    /** One date goes on by days, several by their difference: in months where they have the same day. */
    private static Optional<IntFunction<String>> dates(List<String> entries, UnitCatalogue units) {
        return all(
                        entries,
                        entry -> EntryReader.value(entry, units) instanceof Moment.Date date
                                ? Optional.of(date.date())
                                : Optional.<LocalDate>empty())
                .flatMap(Pattern::evenly)
                .map(date -> at -> date.apply(at).toString());
    }

    private static Optional<IntFunction<LocalDate>> evenly(List<LocalDate> dates) {
        LocalDate first = dates.get(0);
        if (dates.size() == 1) {
            return Optional.of(at -> first.plusDays(at));
        }
        Period months = Period.between(first, dates.get(1));
        boolean byMonths = months.getDays() == 0
                && IntStream.range(0, dates.size())
                        .allMatch(i -> dates.get(i).equals(first.plusMonths(months.toTotalMonths() * i)));
        if (byMonths) {
            return Optional.of(at -> first.plusMonths(months.toTotalMonths() * at));
        }
        long days = ChronoUnit.DAYS.between(first, dates.get(1));
        boolean byDays =
                IntStream.range(0, dates.size()).allMatch(i -> dates.get(i).equals(first.plusDays(days * i)));
        return byDays ? Optional.of(at -> first.plusDays(days * at)) : Optional.empty();
    }

    private static Optional<IntFunction<String>> rounds(List<String> entries) {
        return ROUNDS.stream()
                .flatMap(round ->
                        all(entries, entry -> Optional.of(indexOf(round, entry)).filter(at -> at >= 0))
                                .flatMap(places -> turning(round, places))
                                .stream())
                .findFirst()
                .map(turns -> at -> inCaseOf(entries.get(0), turns.apply(at)));
    }

    private static int indexOf(List<String> round, String entry) {
        return IntStream.range(0, round.size())
                .filter(i -> round.get(i).equalsIgnoreCase(entry.strip()))
                .findFirst()
                .orElse(-1);
    }

    private static Optional<IntFunction<String>> turning(List<String> round, List<Integer> places) {
        int size = round.size();
        int step = places.size() == 1 ? 1 : Math.floorMod(places.get(1) - places.get(0), size);
        boolean isEven = IntStream.range(1, places.size())
                .allMatch(i -> Math.floorMod(places.get(i) - places.get(i - 1), size) == step);
        return isEven ? Optional.of(at -> round.get(Math.floorMod(places.get(0) + step * at, size))) : Optional.empty();
    }

    private static String inCaseOf(String like, String word) {
        String first = like.strip();
        if (first.equals(first.toLowerCase(Locale.ROOT))) {
            return word.toLowerCase(Locale.ROOT);
        }
        return first.equals(first.toUpperCase(Locale.ROOT)) ? word.toUpperCase(Locale.ROOT) : word;
    }

    /** Texts with one beginning and a number behind it. */
    private static Optional<IntFunction<String>> numbered(List<String> entries, UnitCatalogue units) {
        Optional<List<Matcher>> read = all(
                entries,
                entry -> EntryReader.value(entry, units) instanceof Text
                        ? Optional.of(NUMBERED.matcher(entry)).filter(Matcher::matches)
                        : Optional.<Matcher>empty());
        if (read.isEmpty()
                || read.get().stream().map(each -> each.group(1)).distinct().count() != 1) {
            return Optional.empty();
        }
        List<Matcher> parts = read.get();
        long first = Long.parseLong(parts.get(0).group(2));
        long step = parts.size() == 1 ? 1 : Long.parseLong(parts.get(1).group(2)) - first;
        List<Long> expected = new ArrayList<>();
        IntStream.range(0, parts.size()).forEach(i -> expected.add(first + step * i));
        boolean isEven = parts.stream()
                .map(each -> Long.parseLong(each.group(2)))
                .toList()
                .equals(expected);
        String digits = parts.get(0).group(2);
        String form = digits.startsWith("0") ? "%0" + digits.length() + "d" : "%d";
        return isEven
                ? Optional.of(at -> parts.get(0).group(1) + String.format(Locale.ROOT, form, first + step * at))
                : Optional.empty();
    }
}
