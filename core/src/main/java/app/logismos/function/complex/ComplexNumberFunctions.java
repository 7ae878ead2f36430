package app.logismos.function.complex;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANGLE;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TEXT;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Complexes;
import app.logismos.function.Function;
import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.unit.Unit;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.List;

/** Complex numbers: their parts, and what documents have beside the operators. */
public final class ComplexNumberFunctions {
    private static final String SOURCE = "DLMF 1.9";

    public static final List<Function> ALL = List.of(
            part("re", "The real part of a complex number.", Complex::re)
                    .alsoRead("IMREAL")
                    .example("re(3+4i)", "3")
                    .example("re(5)", "5")
                    .refuses("re(\"3\")", ErrorCode.WRONG_KIND)
                    .related("im", "conj", "abs"),
            part("im", "The imaginary part of a complex number, which is real itself.", Complex::im)
                    .alsoRead("IMAGINARY")
                    .example("im(3+4i)", "4")
                    .example("im(5)", "0")
                    .refuses("im(true)", ErrorCode.WRONG_KIND)
                    .related("re", "conj", "arg"),
            function("conj", Category.COMPLEX)
                    .alsoRead("IMCONJUGATE")
                    .says("The conjugate: the imaginary part with the other sign.")
                    .argument("z", NUMBER, "any number")
                    .example("conj(3+4i)", "3 - 4i")
                    .example("conj(2i)", "-2i")
                    .refuses("conj(\"i\")", ErrorCode.WRONG_KIND)
                    .related("re", "im")
                    .keepsUnit("z")
                    .computes(given -> given.number("z"))
                    .complex(Complex::conjugate)
                    .from(SOURCE),
            function("arg", Category.COMPLEX)
                    .alsoRead("IMARGUMENT")
                    .says("The direction of a complex number as an angle, above -π and up to π.")
                    .argument("z", NUMBER, "any number but 0")
                    .example("arg(1+i)", "(π/4) rad")
                    .example("arg(-2)", "(π) rad")
                    .refuses("arg(0)", ErrorCode.NO_REAL_RESULT)
                    .related("abs", "polar", "atan2")
                    .units(Rational.ZERO, "z")
                    .answers(given -> direction(given, Complex.of(given.number("z"))))
                    .complexly(given ->
                            direction(given, Complexes.measured(given, "z").number()))
                    .from("DLMF 1.9.7"),
            function("polar", Category.COMPLEX)
                    .says("The complex number at this distance from 0 in this direction.")
                    .argument("r", ANY, "the distance, with a unit or without")
                    .argument("angle", ANGLE, "in radians, or degrees with °")
                    .example("polar(2, 90°)", "2i")
                    .example("polar(2, 60°)", "1 + √3*i")
                    .refuses("polar(2, \"90\")", ErrorCode.WRONG_KIND)
                    .related("abs", "arg", "complex")
                    .answers(ComplexNumberFunctions::polar)
                    .from("DLMF 1.9.5"),
            function("complex", Category.COMPLEX)
                    .says("The complex number with these parts; `x + y*i` is the same.")
                    .argument("re", NUMBER, "the real part")
                    .argument("im", NUMBER, "the imaginary part")
                    .optional("letter", TEXT, new Text("i"), "i or j, as documents name the unit; i is answered")
                    .example("complex(3, 4)", "3 + 4i")
                    .example("complex(0, -1, \"j\")", "-i")
                    .refuses("complex(1, 2, \"k\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("polar", "re", "im")
                    .from("OpenFormula 6.8.2")
                    .answers(ComplexNumberFunctions::ofParts),
            function("complexdifference", Category.COMPLEX)
                    .alsoRead("IMSUB")
                    .says("The first number less the second; `a - b` is the same.")
                    .argument("a", NUMBER, "any number")
                    .argument("b", NUMBER, "what is taken off")
                    .example("complexdifference(3+4i, 1+i)", "2 + 3i")
                    .example("complexdifference(5, 3)", "2")
                    .refuses("complexdifference(1, \"x\")", ErrorCode.WRONG_KIND)
                    .related("complexquotient", "sum")
                    .from("OpenFormula 6.8.25")
                    .computes(given -> given.number("a").minus(given.number("b")))
                    .complexes(given -> Complexes.plain(given, "a").minus(Complexes.plain(given, "b"))),
            function("complexquotient", Category.COMPLEX)
                    .alsoRead("IMDIV")
                    .says("The first number over the second; `a / b` is the same.")
                    .argument("a", NUMBER, "any number")
                    .argument("b", NUMBER, "any number but 0")
                    .example("complexquotient(3+4i, 1+2i)", "11/5 - 2/5*i")
                    .example("complexquotient(1, 4)", "1/4")
                    .refuses("complexquotient(1+i, 0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("complexdifference", "product")
                    .from("OpenFormula 6.8.11")
                    .computes(given -> given.number("a").dividedBy(given.number("b")))
                    .complexes(given -> Complexes.plain(given, "a").dividedBy(Complexes.plain(given, "b"))));

    private ComplexNumberFunctions() {}

    private static Function part(String name, String says, java.util.function.Function<Complex, Real> part) {
        return function(name, Category.COMPLEX)
                .says(says)
                .argument("z", NUMBER, "any number")
                .keepsUnit("z")
                .computes(given -> part.apply(Complex.of(given.number("z"))))
                .complex(part::apply)
                .from(SOURCE);
    }

    private static Value direction(Arguments given, Complex number) {
        return given.inAngleUnit(number.arg());
    }

    private static Value polar(Arguments given) {
        Value distance = given.value("r");
        if (!(distance instanceof NumberValue) && !(distance instanceof Quantity)) {
            throw given.wrongKind("r", distance);
        }
        ComplexValue real = Complexes.measured(given, "r");
        Result number = Complex.polar(real.number().re(), given.angle("angle"));
        return new ComplexValue(Complexes.complex(number), real.unit());
    }

    private static Value ofParts(Arguments given) {
        String letter = given.text("letter");
        if (!letter.equals("i") && !letter.equals("j")) {
            throw given.wrong("letter", "\"i\" or \"j\"", "\"" + letter + "\"");
        }
        return new ComplexValue(new Complex(given.number("re"), given.number("im")), Unit.ONE);
    }
}
