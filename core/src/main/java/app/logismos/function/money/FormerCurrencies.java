package app.logismos.function.money;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TEXT;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Truth;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Amounts in the currencies that became the euro, at the rates that the Council of the European Union fixed for good. */
public final class FormerCurrencies {
    /** A currency: what one euro is in it, and the places of its amounts. */
    private enum Currency {
        EUR("1", 2),
        ATS("13.7603", 2),
        BEF("40.3399", 0),
        CYP("0.585274", 2),
        DEM("1.95583", 2),
        EEK("15.6466", 2),
        ESP("166.386", 0),
        FIM("5.94573", 2),
        FRF("6.55957", 2),
        GRD("340.750", 0),
        HRK("7.53450", 2),
        IEP("0.787564", 2),
        ITL("1936.27", 0),
        LTL("3.45280", 2),
        LUF("40.3399", 0),
        LVL("0.702804", 2),
        MTL("0.429300", 2),
        NLG("2.20371", 2),
        PTE("200.482", 0),
        SIT("239.640", 2),
        SKK("30.1260", 2);

        private final Rational perEuro;
        private final int places;

        Currency(String perEuro, int places) {
            this.perEuro = Rational.of(new BigDecimal(perEuro));
            this.places = places;
        }
    }

    public static final List<Function> ALL = List.of(function("formercurrency", Category.MONEY)
            .alsoRead("EUROCONVERT")
            .says("An amount in the euro or a currency that became it, in another of these.")
            .argument("amount", NUMBER, "the amount")
            .argument("from", TEXT, "the code of its currency, like \"DEM\"")
            .argument("to", TEXT, "the code of the other, like \"EUR\"")
            .optional("unrounded", TRUTH, new Truth(false), "whether places below the smallest coin stay")
            .optional(
                    "digits",
                    WHOLE,
                    Blank.BLANK,
                    "to how many digits the amount in euros between is rounded; not, if nothing is said")
            .example("formercurrency(100, \"DEM\", \"EUR\")", "5113/100")
            .example("formercurrency(1, \"EUR\", \"FRF\", true)", "655957/100000")
            .refuses("formercurrency(1, \"EUR\", \"XYZ\")", ErrorCode.WRONG_ARGUMENTS)
            .related("convert", "round")
            .from("OpenFormula 6.16.29; Council Regulation (EC) No 2866/98 and those after it")
            .computes(FormerCurrencies::converted));

    private FormerCurrencies() {}

    private static Real converted(Arguments given) {
        Currency from = currency(given, "from");
        Currency to = currency(given, "to");
        Real amount = given.number("amount");
        if (from == to) {
            return amount;
        }
        Real euros = Algebra.over(amount, from.perEuro);
        if (given.raw("digits") != Blank.BLANK) {
            euros = rounded(Rounding.exact(euros), given.whole("digits", 3, 100));
        }
        Real there = Algebra.times(euros, to.perEuro);
        return given.truth("unrounded")
                ? there
                : Algebra.answer(Rounding.places(there, to.places, RoundingMode.HALF_UP));
    }

    /** To so many significant digits. */
    private static Rational rounded(Rational euros, int digits) {
        return Rational.of(new BigDecimal(euros.numerator())
                .divide(new BigDecimal(euros.denominator()), new MathContext(digits, RoundingMode.HALF_UP)));
    }

    private static Currency currency(Arguments given, String parameter) {
        String code = given.text(parameter).strip().toUpperCase(Locale.ROOT);
        Optional<Currency> known = Arrays.stream(Currency.values())
                .filter(each -> each.name().equals(code))
                .findFirst();
        return known.orElseThrow(
                () -> given.wrong(parameter, "EUR or a currency that became it, like DEM", given.text(parameter)));
    }
}
