package app.logismos.algebra;

import app.logismos.number.Complex;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.RootSum;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * An expression in canonical form: like terms and like factors are put together, numbers are worked out, and what can
 * change places stands in one order. Forms that are equal are equal objects; those that differ may still have the same
 * value, as {@code (x + 1)^2} and {@code x^2 + 2*x + 1}. Made with the methods here, never with the constructors of the
 * records. Immutable.
 */
public sealed interface Form {
    /** More nodes than this are refused (language, section 15). */
    int MOST_NODES = 10_000;

    Form ZERO = new Number(Rational.ZERO);
    Form ONE = new Number(Rational.ONE);
    Form MINUS_ONE = new Number(Rational.of(-1));
    Form HALF = new Number(Rational.of(1, 2));
    Form PI = new Constant("π");
    Form E = new Constant("e");
    Form I = new Constant("i");

    /** A number, neither a sum of roots nor a multiple of π. */
    record Number(Real value) implements Form {
        @Override
        public boolean isExact() {
            return value.isExact();
        }
    }

    /** A number of mathematics that is no fraction: π, e or the imaginary unit i. */
    record Constant(String name) implements Form {}

    /** A unit of measurement, as a factor that is more than 0: quantities are so many of it. */
    record Measure(String symbol) implements Form {}

    /** A letter or word that stands for any number. Small and capital letters are the same, as in all names. */
    record Letter(String name) implements Form {
        @Override
        public boolean equals(Object other) {
            return other instanceof Letter letter && letter.name.equalsIgnoreCase(name);
        }

        @Override
        public int hashCode() {
            return name.toLowerCase(Locale.ROOT).hashCode();
        }
    }

    /** A power whose exponent is neither 0 nor 1. */
    record Power(Form base, Form exponent) implements Form {
        @Override
        public List<Form> parts() {
            return List.of(base, exponent);
        }

        @Override
        public Form of(List<Form> parts) {
            return Form.power(parts.get(0), parts.get(1));
        }
    }

    /**
     * A product of several factors.
     *
     * @param number what stands before them, not 0; 1 where nothing does
     * @param factors none of them a number or a product; two or more, or one where {@code number} is not 1
     */
    record Product(Real number, List<Form> factors) implements Form {
        @Override
        public List<Form> parts() {
            return factors;
        }

        @Override
        public Form of(List<Form> parts) {
            return new Number(number).times(product(parts));
        }

        @Override
        public boolean isExact() {
            return number.isExact() && Form.super.isExact();
        }
    }

    /**
     * A sum of two terms or more.
     *
     * @param terms none of them a sum; a number, if there is one, comes after terms of higher degree
     */
    record Sum(List<Form> terms) implements Form {
        @Override
        public List<Form> parts() {
            return terms;
        }

        @Override
        public Form of(List<Form> parts) {
            return sum(parts);
        }
    }

    /** A function of the catalogue, by its name in lower case. */
    record Applied(String function, List<Form> arguments) implements Form {
        @Override
        public List<Form> parts() {
            return arguments;
        }

        @Override
        public Form of(List<Form> parts) {
            return applied(function, parts);
        }
    }

    /** A number as a form. */
    static Form number(Real value) {
        if (value instanceof PiMultiple multiple) {
            return PI.times(root(multiple.root()));
        }
        return value instanceof RootSum sum
                ? sum(sum.terms().stream().map(Form::root).toList())
                : new Number(value);
    }

    /** A complex number as a form. */
    static Form number(Complex value) {
        return number(value.re()).plus(number(value.im()).times(I));
    }

    private static Form root(RootSum.Root root) {
        return new Number(root.times()).times(power(new Number(Rational.of(root.under())), HALF));
    }

    static Form number(long whole) {
        return new Number(Rational.of(whole));
    }

    static Form letter(String name) {
        return new Letter(name);
    }

    static Form sum(Collection<Form> terms) {
        return Canonical.sum(terms);
    }

    static Form product(Collection<Form> factors) {
        return Canonical.product(factors);
    }

    /** A power. {@code 0^0} is 1; a negative power of 0 is refused. */
    static Form power(Form base, Form exponent) {
        return Canonical.power(base, exponent);
    }

    static Form applied(String function, List<Form> arguments) {
        return Canonical.applied(function, arguments);
    }

    default Form plus(Form other) {
        return sum(List.of(this, other));
    }

    default Form minus(Form other) {
        return sum(List.of(this, other.negated()));
    }

    default Form times(Form other) {
        return product(List.of(this, other));
    }

    default Form over(Form other) {
        return product(List.of(this, power(other, MINUS_ONE)));
    }

    default Form negated() {
        return product(List.of(MINUS_ONE, this));
    }

    default Form power(long exponent) {
        return power(this, number(exponent));
    }

    default boolean isZero() {
        return equals(ZERO);
    }

    /** The nodes directly below; a number before a product is none. */
    default List<Form> parts() {
        return List.of();
    }

    /** The same with others in the place of {@link #parts}. */
    default Form of(List<Form> parts) {
        return this;
    }

    /** How many nodes it has. */
    default long size() {
        long size = 1;
        for (Form part : parts()) {
            size += part.size();
        }
        return size;
    }

    /** Whether all numbers in it are the numbers themselves, and none is only near one. */
    default boolean isExact() {
        return parts().stream().allMatch(Form::isExact);
    }

    /** Whether another form stands in it, or it is that one. */
    default boolean has(Form other) {
        return equals(other) || parts().stream().anyMatch(part -> part.has(other));
    }

    /** Whether quantities with units stand in it. */
    default boolean isMeasured() {
        return this instanceof Measure || parts().stream().anyMatch(Form::isMeasured);
    }

    /** The letters in it, each once, in the order in which they first stand there. */
    default List<Letter> letters() {
        Map<Letter, Letter> found = new LinkedHashMap<>();
        gather(found);
        return List.copyOf(found.keySet());
    }

    private void gather(Map<Letter, Letter> found) {
        if (this instanceof Letter letter) {
            found.putIfAbsent(letter, letter);
        }
        parts().forEach(part -> part.gather(found));
    }

    /** The same with something else in the place of a letter. */
    default Form with(Letter letter, Form other) {
        if (equals(letter)) {
            return other;
        }
        return has(letter)
                ? of(parts().stream().map(part -> part.with(letter, other)).toList())
                : this;
    }

    /** The same with another form in the place of a part. */
    default Form replaced(Form part, Form other) {
        if (equals(part)) {
            return other;
        }
        return parts().isEmpty()
                ? this
                : of(parts().stream().map(each -> each.replaced(part, other)).toList());
    }

    /** Typeset, in LaTeX. */
    default String latex() {
        return FormLatex.of(this);
    }

    /** As it is typed, without spaces but around + and −. */
    default String text() {
        return FormText.of(this);
    }
}
