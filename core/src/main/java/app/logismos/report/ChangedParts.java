package app.logismos.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** The parts of something that are other than before, in words; of several the first two are told. */
final class ChangedParts {
    private static final int TOLD = 2;

    private final List<String> words = new ArrayList<>();

    /** Notes a part, with what is said where it is another. */
    ChangedParts tell(Object before, Object now, String word) {
        if (!Objects.equals(before, now)) {
            words.add(word);
        }
        return this;
    }

    /** A line of what is other; where that is nothing, what is said then. */
    String said(String otherwise) {
        if (words.isEmpty()) {
            return otherwise;
        }
        String line =
                String.join(", ", words.subList(0, Math.min(TOLD, words.size()))) + (words.size() > TOLD ? " …" : "");
        return line.substring(0, 1).toUpperCase(Locale.ROOT) + line.substring(1);
    }
}
