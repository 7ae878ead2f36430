package app.logismos.algebra;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** How an antiderivative is found with unknown numbers: set up, differentiated, compared. */
final class UnknownNumbersSteps {
    private static final List<String> UNKNOWNS = List.of("A", "B", "C", "D", "F", "G", "H", "K", "L", "M", "N", "P");

    private UnknownNumbersSteps() {}

    /** What unknown numbers are called where some letters have their meaning already. */
    static List<Form.Letter> letters(Set<Form.Letter> taken) {
        return UNKNOWNS.stream()
                .map(Form.Letter::new)
                .filter(letter -> !taken.contains(letter))
                .toList();
    }

    /** The steps; of more terms than there are letters only what they come to. */
    static List<Antiderivative.Step> of(UnknownNumbers.Found found, Form form, Form.Letter by, DerivativeRules rules) {
        Set<Form.Letter> taken = new HashSet<>(form.letters());
        taken.add(by);
        List<Form.Letter> letters = letters(taken);
        Form sum = found.sum();
        String others = found.others() == 0
                ? ""
                : "as a sum of products of what stands in the expression; " + found.others()
                        + (found.others() == 1 ? " other gets" : " others get") + " the number 0";
        if (found.terms().size() > letters.size()) {
            return List.of(new Antiderivative.Step(IntegralRule.UNKNOWN_NUMBERS, others, sum, sum));
        }
        List<Form> setUp = new ArrayList<>();
        List<String> slopes = new ArrayList<>();
        List<String> numbers = new ArrayList<>();
        for (int i = 0; i < found.terms().size(); i++) {
            UnknownNumbers.Term term = found.terms().get(i);
            Form.Letter letter = letters.get(i);
            setUp.add(letter.times(term.form()));
            slopes.add(letter.text() + "*" + PartialFractionSteps.bracketed(Derivative.of(term.form(), by, 1, rules)));
            numbers.add(letter.text() + " = " + Form.number(term.number()).text());
        }
        Form whole = Form.sum(setUp);
        String compared = String.join(" + ", slopes) + " = " + form.text();
        return Stream.of(
                        new Antiderivative.Step(IntegralRule.UNKNOWN_NUMBERS, others, whole, whole),
                        new Antiderivative.Step(IntegralRule.DERIVATIVE_COMPARED, "", compared, compared),
                        new Antiderivative.Step(IntegralRule.POWERS_COMPARED, String.join(", ", numbers), sum, sum))
                .toList();
    }
}
