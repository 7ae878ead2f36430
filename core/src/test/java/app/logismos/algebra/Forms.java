package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Random forms for laws. */
public final class Forms {
    public static final Form.Letter X = new Form.Letter("x");
    private static final List<Form> LETTERS = List.of(X, Form.letter("y"), Form.letter("z"));
    private static final List<String> FUNCTIONS = List.of("sin", "cos", "ln", "atan", "exp", "sqrt", "tan", "sinh");

    private Forms() {}

    /** A form of letters, numbers, sums, products, powers and functions. */
    public static Form any(Random random, int depth) {
        if (depth == 0) {
            return random.nextInt(3) == 0 ? number(random) : LETTERS.get(random.nextInt(LETTERS.size()));
        }
        return switch (random.nextInt(6)) {
            case 0, 1 -> any(random, depth - 1).plus(any(random, depth - 1));
            case 2 -> any(random, depth - 1).times(any(random, depth - 1));
            case 3 -> any(random, depth - 1).plus(number(random)).times(any(random, depth - 1));
            case 4 -> positive(random, depth - 1).power(random.nextInt(-2, 4));
            default ->
                Form.applied(FUNCTIONS.get(random.nextInt(FUNCTIONS.size())), List.of(positive(random, depth - 1)));
        };
    }

    /** Not zero, so that it may be below a line. */
    private static Form positive(Random random, int depth) {
        Form form = any(random, depth);
        return form.letters().isEmpty() ? X : form;
    }

    private static Form number(Random random) {
        return Form.number(Rational.of(random.nextInt(-9, 10), random.nextInt(1, 5)));
    }

    /** A polynomial in so many of the letters x, y and z. */
    public static Form polynomial(Random random, int letters, int degree, int terms) {
        List<Form> sum = new ArrayList<>();
        for (int i = 0; i < terms; i++) {
            List<Form> factors = new ArrayList<>(List.of(Form.number(random.nextInt(-9, 10))));
            int left = random.nextInt(degree + 1);
            for (int letter = 0; letter < letters; letter++) {
                int power = letter == letters - 1 ? left : random.nextInt(left + 1);
                factors.add(LETTERS.get(letter).power(power));
                left -= power;
            }
            sum.add(Form.product(factors));
        }
        return Form.sum(sum);
    }
}
