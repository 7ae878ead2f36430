package app.logismos.formula;

import app.logismos.unit.UnitCatalogue;
import app.logismos.unit.UnitReader;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Cuts an expression into tokens. Spellings of pasted text are accepted: {@code **}, {@code × ÷ −}, curly quotes,
 * unusual spaces (language, sections 2 and 10).
 */
final class Lexer {
    /** The second is OpenFormula's (section 5.12). */
    private static final List<String> GONE_SPELLINGS = List.of(Printer.GONE, "#REF!");

    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final String DOUBLE_QUOTES = "\"“”„‟";
    private static final String SINGLE_QUOTES = "'‘’";
    private static final List<String> LONG_SIGNS = List.of("**", "<=", ">=", "<>", "!!");
    private static final String SIGNS = "+-*/^=<>&!%°(){},;|:.√";
    private static final Map<String, String> SPELLINGS = Map.ofEntries(
            Map.entry("**", "^"),
            Map.entry("×", "*"),
            Map.entry("·", "*"),
            Map.entry("⋅", "*"),
            Map.entry("∙", "*"),
            Map.entry("∗", "*"),
            Map.entry("÷", "/"),
            Map.entry("∕", "/"),
            Map.entry("−", "-"),
            Map.entry("–", "-"),
            Map.entry("≤", "<="),
            Map.entry("≥", ">="),
            Map.entry("≠", "<>"));

    private final UnitCatalogue units;
    private final String text;
    private final List<Token> tokens = new ArrayList<>();
    private int at;

    private Lexer(String text, int start, UnitCatalogue units) {
        this.units = units;
        this.text = text;
        this.at = start;
    }

    /**
     * The tokens from {@code start} on, an END token last.
     *
     * @throws Refusal where a character has no meaning
     */
    static List<Token> tokens(String text, int start, UnitCatalogue units) {
        Lexer lexer = new Lexer(text, start, units);
        lexer.skipSpace();
        while (lexer.at < text.length()) {
            lexer.next();
            lexer.skipSpace();
        }
        lexer.tokens.add(new Token(Token.Type.END, "", new Span(text.length(), text.length())));
        return lexer.tokens;
    }

    private void next() {
        char c = text.charAt(at);
        if (isDigit(c) || c == '.' && isDigit(peek(1))) {
            number();
            unitBehindValue();
        } else if (isWordStart(text.codePointAt(at)) || c == '$') {
            word();
        } else if (c == '#' && !goneAt().isEmpty()) {
            int start = at;
            at += goneAt().length();
            add(Token.Type.WORD, start, Printer.GONE);
        } else if (DOUBLE_QUOTES.indexOf(c) >= 0) {
            quoted(DOUBLE_QUOTES, Token.Type.TEXT);
        } else if (SINGLE_QUOTES.indexOf(c) >= 0) {
            quoted(SINGLE_QUOTES, Token.Type.QUOTED_NAME);
        } else if (RAISED.indexOf(c) >= 0 || c == '⁻' && RAISED.indexOf(peek(1)) >= 0) {
            superscript();
        } else {
            sign();
            if (c == ')') {
                unitBehindValue();
            }
        }
    }

    /** After a number or a closing bracket a word is a unit, with or without one space between. */
    private void unitBehindValue() {
        int start = at < text.length() && isSpace(text.charAt(at)) ? at + 1 : at;
        units.at(text, start).ifPresent(read -> {
            at = read.end();
            add(Token.Type.UNIT, start, text.substring(start, at));
        });
    }

    /** Behind {@code to} stands a unit; as an argument's name it has a colon behind it. */
    private void unitBehindTo() {
        int before = at;
        skipSpace();
        int start = at;
        Optional<UnitReader.Read> read = units.at(text, text.startsWith("1/", start) ? start + 2 : start);
        if (read.isPresent()) {
            at = read.get().end();
            add(Token.Type.UNIT, start, text.substring(start, at));
        } else {
            at = before;
        }
    }

    /** How a gone reference is spelled here: as ours, or as the open standard does; empty where there is none. */
    private String goneAt() {
        return GONE_SPELLINGS.stream()
                .filter(spelling -> text.regionMatches(true, at, spelling, 0, spelling.length()))
                .findFirst()
                .orElse("");
    }

    private void number() {
        int start = at;
        digits();
        if (at < text.length() && text.charAt(at) == '.') {
            if (!isDigit(peek(1))) {
                throw new Refusal(SyntaxErrors.openDecimal(text, new Span(start, at + 1)));
            }
            at++;
            digits();
        }
        if (at < text.length() && (text.charAt(at) == 'e' || text.charAt(at) == 'E')) {
            int sign = "+-−".indexOf(peek(1)) >= 0 ? 1 : 0;
            if (isDigit(peek(1 + sign))) {
                at += 1 + sign;
                digits();
            }
        }
        String digits = text.substring(start, at).replace('−', '-');
        boolean isImaginary = peek(0) == 'i' && !(at + 1 < text.length() && isWordPart(text.codePointAt(at + 1)));
        at += isImaginary ? 1 : 0;
        add(isImaginary ? Token.Type.IMAGINARY : Token.Type.NUMBER, start, digits);
    }

    private void digits() {
        while (at < text.length() && isDigit(text.charAt(at))) {
            at++;
        }
    }

    private void word() {
        int start = at;
        while (at < text.length() && (isWordPart(text.codePointAt(at)) || text.charAt(at) == '$')) {
            at += Character.charCount(text.codePointAt(at));
        }
        add(Token.Type.WORD, start, text.substring(start, at));
        if (tokens.get(tokens.size() - 1).isWord("to") && tokens.size() > 1) {
            unitBehindTo();
        }
    }

    /** A doubled quote sign inside stands for one. */
    private void quoted(String quotes, Token.Type type) {
        int start = at++;
        StringBuilder content = new StringBuilder();
        while (at < text.length()) {
            char c = text.charAt(at++);
            if (quotes.indexOf(c) < 0) {
                content.append(c);
            } else if (at < text.length() && text.charAt(at) == c) {
                content.append(c);
                at++;
            } else {
                add(type, start, content.toString());
                return;
            }
        }
        throw new Refusal(SyntaxErrors.openQuote(text, start));
    }

    private void superscript() {
        int start = at;
        StringBuilder digits = new StringBuilder();
        if (text.charAt(at) == '⁻') {
            digits.append('-');
            at++;
        }
        while (at < text.length() && RAISED.indexOf(text.charAt(at)) >= 0) {
            digits.append(RAISED.indexOf(text.charAt(at++)));
        }
        add(Token.Type.SUPERSCRIPT, start, digits.toString());
    }

    private void sign() {
        int start = at;
        for (String sign : LONG_SIGNS) {
            if (text.startsWith(sign, at)) {
                at += 2;
                add(Token.Type.SIGN, start, SPELLINGS.getOrDefault(sign, sign));
                return;
            }
        }
        String sign = text.substring(at, at + Character.charCount(text.codePointAt(at)));
        at += sign.length();
        String normal = SPELLINGS.getOrDefault(sign, sign);
        if (normal.length() == 1 && SIGNS.indexOf(normal.charAt(0)) < 0) {
            throw new Refusal(SyntaxErrors.strangeCharacter(text, sign, new Span(start, at), units));
        }
        add(Token.Type.SIGN, start, normal);
    }

    private void add(Token.Type type, int start, String content) {
        tokens.add(new Token(type, content, new Span(start, at)));
    }

    private char peek(int ahead) {
        return at + ahead < text.length() ? text.charAt(at + ahead) : '\0';
    }

    private void skipSpace() {
        while (at < text.length() && isSpace(text.charAt(at))) {
            at++;
        }
    }

    static boolean isSpace(char c) {
        return Character.isWhitespace(c) || Character.isSpaceChar(c) || c == '\u200B' || c == '\uFEFF';
    }

    static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    static boolean isWordStart(int codePoint) {
        return Character.isLetter(codePoint);
    }

    static boolean isWordPart(int codePoint) {
        return Character.isLetter(codePoint)
                || codePoint == '_'
                || codePoint < 128 && isDigit((char) codePoint)
                || Character.getType(codePoint) == Character.NON_SPACING_MARK;
    }
}
