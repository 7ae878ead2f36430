package app.logismos.algebra;

import app.logismos.number.Rational;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What may be called by a letter of its own in an integral, and the form in that letter (DLMF 1.4.32). */
final class Substituting {
    private Substituting() {}

    /** A letter that does not stand in the form. */
    static Form.Letter free(Form form, Form.Letter by) {
        for (String name : List.of("u", "w", "v", "s", "p", "q", "h")) {
            Form.Letter letter = new Form.Letter(name);
            if (!form.has(letter) && !letter.equals(by)) {
                return letter;
            }
        }
        return new Form.Letter("u_1");
    }

    /** What may be called by a letter: what stands inside functions, powers and roots, and these themselves. */
    static List<Form> candidates(Form form, Form.Letter by) {
        Set<Form> found = new LinkedHashSet<>();
        gather(form, by, found);
        found.remove(by);
        found.remove(form);
        found.removeIf(each -> isScaled(each, by));
        List<Form> all = new ArrayList<>(found);
        all.sort((a, b) -> Long.compare(b.size(), a.size()));
        return all;
    }

    /** A number times the variable makes no integral simpler. */
    private static boolean isScaled(Form form, Form.Letter by) {
        return form instanceof Form.Product product
                && product.factors().contains(by)
                && !form.over(by).has(by);
    }

    private static void gather(Form form, Form.Letter by, Set<Form> found) {
        if (!form.has(by) || form.equals(by)) {
            return;
        }
        if (form instanceof Form.Applied || form instanceof Form.Power) {
            found.add(form);
        }
        if (form instanceof Form.Power power) {
            found.add(power.base());
            if (power.exponent().has(by)) {
                found.add(power.exponent());
                if (power.exponent() instanceof Form.Product product) {
                    found.add(Form.power(power.base(), product.of(product.factors())));
                }
            } else if (power.exponent() instanceof Form.Number number
                    && number.value() instanceof Rational times
                    && times.isInteger()
                    && power.base().equals(by)) {
                BigInteger size = times.numerator().abs();
                for (int i = 2; i <= 6; i++) {
                    if (size.mod(BigInteger.valueOf(i)).signum() == 0
                            || size.add(BigInteger.ONE)
                                            .mod(BigInteger.valueOf(i))
                                            .signum()
                                    == 0) {
                        found.add(by.power(i));
                    }
                }
            }
        }
        if (form instanceof Form.Applied applied) {
            found.addAll(applied.arguments());
        }
        form.parts().forEach(part -> gather(part, by, found));
    }

    /** The form with the letter in the place of the candidate; nothing where the variable is left. */
    static Optional<Form> by(Form form, Form candidate, Form.Letter letter, Form.Letter by) {
        try {
            Form put = put(form, candidate, letter);
            if (!put.has(by)) {
                return Optional.of(put);
            }
            // A linear candidate, or a power of the variable, can be solved for it.
            Optional<Form> inverse = inverse(candidate, letter, by);
            if (inverse.isEmpty()) {
                return Optional.empty();
            }
            Form all = Expanding.of(put.with(by, inverse.get()));
            return all.has(by) ? Optional.empty() : Optional.of(all);
        } catch (NoForm none) {
            return Optional.empty();
        }
    }

    private static Optional<Form> inverse(Form candidate, Form.Letter letter, Form.Letter by) {
        Form slope = candidate.minus(candidate.with(by, Form.ZERO));
        boolean isLinear = slope.equals(by)
                || slope instanceof Form.Product product
                        && product.factors().contains(by)
                        && !slope.over(by).has(by);
        if (isLinear) {
            return Optional.of(letter.minus(candidate.with(by, Form.ZERO)).over(slope.over(by)));
        }
        if (candidate instanceof Form.Power power && power.exponent().equals(Form.HALF)) {
            Form base = power.base();
            Form step = Expanding.of(base.minus(base.with(by, Form.ZERO)));
            Form times = step.over(by);
            return times.has(by)
                    ? Optional.empty()
                    : Optional.of(
                            letter.power(2).minus(base.with(by, Form.ZERO)).over(times));
        }
        return Optional.empty();
    }

    private static boolean isWhole(Form.Number number) {
        return number.value() instanceof Rational times && times.isInteger();
    }

    /** A root of a power is what was raised only where that is never less than 0. */
    private static boolean isAlwaysPositive(Form base) {
        return base.equals(Form.E)
                || base instanceof Form.Number number && number.value().signum() > 0;
    }

    private static Form put(Form form, Form candidate, Form.Letter letter) {
        if (form.equals(candidate)) {
            return letter;
        }
        if (form instanceof Form.Power power && candidate instanceof Form.Power other) {
            if (power.base().equals(other.base())) {
                Form times = power.exponent().over(other.exponent());
                if (times instanceof Form.Number number && (isWhole(number) || isAlwaysPositive(other.base()))) {
                    return Form.power(letter, times);
                }
            }
        } else if (form instanceof Form.Power power
                && power.base().equals(candidate)
                && power.exponent() instanceof Form.Number) {
            return Form.power(letter, power.exponent());
        }
        return form.parts().isEmpty()
                ? form
                : form.of(form.parts().stream()
                        .map(part -> put(part, candidate, letter))
                        .toList());
    }
}
