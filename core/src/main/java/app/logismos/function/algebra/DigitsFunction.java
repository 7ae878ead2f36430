package app.logismos.function.algebra;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.EXPRESSION;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.algebra.Form;
import app.logismos.algebra.Precise;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Surroundings;
import app.logismos.number.Ball;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.Optional;

/** More digits than a double has (language, section 13). */
final class DigitsFunction {
    private static final int MOST_DIGITS = 10_000;

    static final Function DIGITS = function("digits", Category.ALGEBRA)
            .says(
                    "So many significant digits of an exact number, as a text: of fractions, roots, π, e, and functions of such.")
            .argument("x", EXPRESSION, "the number, as it is worked out")
            .argument("n", WHOLE, "how many digits, 1 to 10000")
            .example("digits(π, 30)", "\"3.14159265358979323846264338328\"")
            .example("digits(√2 + ln(2), 20)", "\"2.1073607429330403582\"")
            .example("digits(1/8, 50)", "\"0.125\"")
            .refuses("digits(π, 20000)", ErrorCode.WRONG_ARGUMENTS)
            .refuses("digits(gamma(1/3), 20)", ErrorCode.WRONG_KIND)
            .related("round", "significant")
            .from("R. P. Brent and P. Zimmermann, Modern Computer Arithmetic, 2010, chapter 4")
            .answers(DigitsFunction::digits);

    private DigitsFunction() {}

    private static Value digits(Arguments given) {
        int digits = given.whole("n", 1, MOST_DIGITS);
        Form form = given.form("x");
        if (!form.letters().isEmpty()) {
            return Failure.of(
                    ErrorCode.UNKNOWN_NAME,
                    "Nothing is called `" + form.letters().get(0).name() + "` here.");
        }
        Optional<String> finite = form instanceof Form.Number number && number.value() instanceof Rational fraction
                ? Plain.decimal(fraction, digits)
                : Optional.empty();
        try {
            boolean inDegrees = given.surroundings().angle() == Surroundings.Angle.DEGREES;
            return new Text(finite.orElseGet(() -> Plain.text(Precise.digits(form, inDegrees, digits))));
        } catch (Precise.Refused refused) {
            return Failure.of(ErrorCode.WRONG_KIND, refused.getMessage());
        } catch (Ball.TooLarge tooLarge) {
            return Failure.of(
                    ErrorCode.TOO_LARGE, "A power in it is too large or small for its digits to be worked out.");
        }
    }
}
