package app.logismos.formula;

import java.util.ArrayDeque;
import java.util.Deque;

/** The brackets of an entry. */
public final class Brackets {
    private Brackets() {}

    /**
     * A text with the brackets that are still open closed at its end.
     *
     * @param start where the formula begins in it
     */
    public static String closed(String text, int start) {
        Deque<Character> open = new ArrayDeque<>();
        boolean quoted = false;
        for (int i = start; i < text.length(); i++) {
            char c = text.charAt(i);
            quoted ^= c == '"';
            if (!quoted && (c == '(' || c == '{')) {
                open.push(c == '(' ? ')' : '}');
            } else if (!quoted && (c == ')' || c == '}') && !open.isEmpty()) {
                open.pop();
            }
        }
        StringBuilder closed = new StringBuilder(text);
        open.forEach(closed::append);
        return closed.toString();
    }
}
