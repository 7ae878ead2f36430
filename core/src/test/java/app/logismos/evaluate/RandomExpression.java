package app.logismos.evaluate;

import java.math.BigDecimal;
import java.util.List;
import java.util.Random;

/** Expressions by chance, as text that can be read. */
public final class RandomExpression {
    private static final List<String> INFIX = List.of("+", "-", "*", "/", "^", " mod ", " div ", "=", "<", "&");
    private static final List<String> SPACED = List.of("", " ", "  ");

    private final Random random;
    private final boolean references;
    private final int depth;

    private RandomExpression(Random random, boolean references, int depth) {
        this.random = random;
        this.references = references;
        this.depth = depth;
    }

    /** An expression that may refer to cells, ranges and names. */
    public static RandomExpression withReferences(Random random) {
        return new RandomExpression(random, true, 4);
    }

    /** An expression of numbers only. */
    public static RandomExpression ofNumbers(Random random) {
        return new RandomExpression(random, false, 4);
    }

    /** The text. */
    public String text() {
        int kind = depth == 0 ? 0 : random.nextInt(10);
        return switch (kind) {
            case 0, 1 -> atom();
            case 2 -> "-" + operand();
            case 3 -> operand() + List.of("!", "%", "²", "°").get(random.nextInt(4));
            case 4 -> "√" + operand();
            case 5 -> "sum(" + below().text() + ", " + below().text() + ")";
            case 6 -> "if(" + operand() + "<" + operand() + ", " + below().text() + ", " + below().text() + ")";
            default -> infix();
        };
    }

    /** Comparisons do not chain, so both sides are in brackets. */
    private String infix() {
        String space = SPACED.get(random.nextInt(SPACED.size()));
        return operand() + space + INFIX.get(random.nextInt(INFIX.size())) + space + operand();
    }

    private String operand() {
        return random.nextBoolean() ? atom() : "(" + below().text() + ")";
    }

    private String atom() {
        int kind = random.nextInt(references ? 8 : 4);
        return switch (kind) {
            case 0, 1 -> String.valueOf(random.nextInt(20));
            case 2 ->
                BigDecimal.valueOf(random.nextInt(10_000), random.nextInt(4)).toPlainString();
            case 3 -> "π";
            case 4 -> cell();
            case 5 -> "$" + cell().replaceFirst("(\\d)", "\\$$1");
            case 6 -> "sum(" + cell() + ":" + cell() + ")";
            default -> "'Leaf prices'." + cell();
        };
    }

    private String cell() {
        return "" + (char) ('A' + random.nextInt(8)) + (1 + random.nextInt(30));
    }

    private RandomExpression below() {
        return new RandomExpression(random, references, depth - 1);
    }
}
