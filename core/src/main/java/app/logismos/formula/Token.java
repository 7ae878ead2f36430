package app.logismos.formula;

import app.logismos.value.Span;

/**
 * A word of an expression.
 *
 * @param text the sign in its normal spelling, or the characters as typed; without its quotes for texts
 */
record Token(Type type, String text, Span span) {
    enum Type {
        NUMBER,
        /** A number with the imaginary unit directly behind it; its text is the number. */
        IMAGINARY,
        TEXT,
        WORD,
        QUOTED_NAME,
        SIGN,
        SUPERSCRIPT,
        UNIT,
        END
    }

    boolean is(String sign) {
        return type == Type.SIGN && text.equals(sign);
    }

    boolean isWord(String word) {
        return type == Type.WORD && text.equalsIgnoreCase(word);
    }
}
