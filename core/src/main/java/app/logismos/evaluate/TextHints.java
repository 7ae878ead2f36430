package app.logismos.evaluate;

import app.logismos.formula.EntryReader;
import app.logismos.formula.Vocabulary;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Hints on entries that stay texts though something else may be meant (language, section 1). */
public final class TextHints {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private TextHints() {}

    /** The hints on an entry that is no calculation; none where quotes say that a text is meant. */
    public static List<Hint> of(String entry, Vocabulary vocabulary) {
        if (entry.strip().startsWith("\"")) {
            return List.of();
        }
        List<Hint> hints = new ArrayList<>();
        EntryReader.withoutLeadingZeros(entry)
                .ifPresent(number -> hints.add(new Hint(
                        "leading-zero",
                        "This is kept as a text with all its digits. The number is written `" + number + "`.",
                        number)));
        List<LocalDate> days = EntryReader.days(entry);
        if (days.size() == 2) {
            hints.add(day("day-first", "With the day first", days.get(0)));
            hints.add(day("month-first", "With the month first", days.get(1)));
        }
        if (days.size() < 2 && EntryReader.looksLikeCalculation(entry, vocabulary)) {
            hints.add(new Hint(
                    "text-calculation", "This is kept as a text. A calculation begins with `=`.", "=" + entry.strip()));
        }
        return List.copyOf(hints);
    }

    private static Hint day(String code, String order, LocalDate day) {
        return new Hint(
                code,
                order + " this is " + DAY.format(day) + "; now it is a text. Write `" + day + "`.",
                day.toString());
    }
}
