package app.logismos.function;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * A text in which {@code *} stands for any characters and {@code ?} for one, unless {@code ~} is in front; case does not
 * matter (OpenFormula, section 3.4, HOST-USE-WILDCARDS). The parts between the stars are looked for one after the other, so
 * that the time is bounded whatever they are.
 *
 * @param parts between the stars
 */
public record Wildcards(List<Part> parts) {
    public Wildcards {
        parts = List.copyOf(parts);
    }

    /**
     * Characters without a star.
     *
     * @param any where any character may stand
     */
    record Part(String text, List<Boolean> any) {
        boolean fits(String whole, int at) {
            if (at < 0 || at + text.length() > whole.length()) {
                return false;
            }
            for (int i = 0; i < text.length(); i++) {
                if (!any.get(i) && folded(text.charAt(i)) != folded(whole.charAt(at + i))) {
                    return false;
                }
            }
            return true;
        }

        private static char folded(char sign) {
            return Character.toLowerCase(Character.toUpperCase(sign));
        }

        OptionalInt find(String whole, int from) {
            for (int at = from; at + text.length() <= whole.length(); at++) {
                if (fits(whole, at)) {
                    return OptionalInt.of(at);
                }
            }
            return OptionalInt.empty();
        }

        int length() {
            return text.length();
        }
    }

    /** Reads them. */
    public static Wildcards of(String text) {
        List<Part> parts = new ArrayList<>();
        StringBuilder part = new StringBuilder();
        List<Boolean> any = new ArrayList<>();
        for (int at = 0; at < text.length(); at++) {
            char sign = text.charAt(at);
            if (sign == '*') {
                parts.add(new Part(part.toString(), List.copyOf(any)));
                part.setLength(0);
                any.clear();
                continue;
            }
            boolean isMarked = sign == '~' && at + 1 < text.length() && "*?~".indexOf(text.charAt(at + 1)) >= 0;
            part.append(isMarked ? text.charAt(++at) : sign);
            any.add(sign == '?');
        }
        parts.add(new Part(part.toString(), List.copyOf(any)));
        return new Wildcards(parts);
    }

    /** Whether a whole text is like that. */
    public boolean fit(String text) {
        Part first = parts.get(0);
        Part last = parts.get(parts.size() - 1);
        if (parts.size() == 1) {
            return first.length() == text.length() && first.fits(text, 0);
        }
        int end = text.length() - last.length();
        if (!first.fits(text, 0) || !last.fits(text, end)) {
            return false;
        }
        OptionalInt behind = after(first.length(), text, parts.size() - 1);
        return behind.isPresent() && behind.getAsInt() <= end;
    }

    /** Where the parts from the second to one before {@code last} end, each as early as it can. */
    private OptionalInt after(int start, String text, int last) {
        int at = start;
        for (Part part : parts.subList(1, last)) {
            OptionalInt found = part.find(text, at);
            if (found.isEmpty()) {
                return found;
            }
            at = found.getAsInt() + part.length();
        }
        return OptionalInt.of(at);
    }

    /**
     * The first place from which a part of a text is like that.
     *
     * @param from where to begin
     */
    public OptionalInt find(String text, int from) {
        OptionalInt start = parts.get(0).find(text, from);
        return start.isPresent()
                        && after(start.getAsInt() + parts.get(0).length(), text, parts.size())
                                .isPresent()
                ? start
                : OptionalInt.empty();
    }
}
