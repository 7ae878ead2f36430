package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A quotient of polynomials in one letter as a polynomial and fractions whose divisors are powers of factors that cannot be
 * split over the rationals. The numbers above the lines are unknowns of linear equations (DLMF 1.2(iii)).
 */
public final class PartialFractions {
    private static final int MOST_UNKNOWNS = 120;

    private PartialFractions() {}

    /** A fraction {@code above/below^times}, both polynomials in the letter, with fractional numbers. */
    record Fraction(Form above, Form below, int times) {
        Form form() {
            return above.over(below.power(times));
        }
    }

    /** The polynomial first, where there is one. */
    record Parted(Form whole, List<Fraction> fractions) {}

    /** The form as a sum of partial fractions; as it is where it is no quotient of polynomials in the letter. */
    public static Form of(Form form, Form.Letter by) {
        return parted(form, by)
                .map(parted -> {
                    List<Form> terms = new ArrayList<>();
                    terms.add(parted.whole());
                    parted.fractions().forEach(fraction -> terms.add(fraction.form()));
                    return Form.sum(terms);
                })
                .orElse(form);
    }

    /** Whether the form is a quotient of polynomials in this letter alone. */
    static boolean isQuotient(Form form, Form.Letter by) {
        return Ring.ofQuotient(form).variables().equals(List.of(by));
    }

    /** Nothing where the form is no quotient of polynomials in this letter alone. */
    static Optional<Parted> parted(Form form, Form.Letter by) {
        Ring ring = Ring.ofQuotient(form);
        if (!ring.variables().equals(List.of(by))) {
            return Optional.empty();
        }
        Quotient quotient = ring.quotient(form);
        List<Rational> above = rationals(quotient.above());
        List<Rational> below = rationals(quotient.below());
        List<Rational> whole = new ArrayList<>();
        List<Rational> rest = divided(above, below, whole);
        List<Factor> factors = quotient.below().isConstant() ? List.of() : Factoring.of(quotient.below());
        return Optional.of(new Parted(
                polynomial(whole, by), factors.isEmpty() ? List.of() : fractions(rest, quotient.below(), factors, by)));
    }

    private static List<Fraction> fractions(
            List<Rational> rest, Polynomial below, List<Factor> factors, Form.Letter by) {
        int degree = below.degree(0);
        if (degree > MOST_UNKNOWNS) {
            return List.of(new Fraction(polynomial(rest, by), polynomial(rationals(below), by), 1));
        }
        List<Polynomial> cofactors = new ArrayList<>();
        List<Fraction> shapes = new ArrayList<>();
        for (Factor factor : factors) {
            for (int power = factor.times(); power >= 1; power--) {
                Polynomial cofactor = below.exactly(factor.polynomial().power(power));
                cofactors.add(cofactor);
                shapes.add(new Fraction(Form.ZERO, polynomial(rationals(factor.polynomial()), by), power));
            }
        }
        List<List<Rational>> columns = new ArrayList<>();
        List<Integer> widths = new ArrayList<>();
        int shape = 0;
        for (Factor factor : factors) {
            for (int power = factor.times(); power >= 1; power--) {
                int width = factor.polynomial().degree(0);
                widths.add(width);
                for (int i = 0; i < width; i++) {
                    List<Rational> column = new ArrayList<>();
                    for (int zero = 0; zero < i; zero++) {
                        column.add(Rational.ZERO);
                    }
                    column.addAll(rationals(cofactors.get(shape)));
                    columns.add(column);
                }
                shape++;
            }
        }
        List<Rational> unknowns = solved(columns, rest, degree);
        List<Fraction> fractions = new ArrayList<>();
        int at = 0;
        for (int i = 0; i < shapes.size(); i++) {
            Form above = polynomial(unknowns.subList(at, at + widths.get(i)), by);
            at += widths.get(i);
            if (!above.isZero()) {
                fractions.add(
                        new Fraction(above, shapes.get(i).below(), shapes.get(i).times()));
            }
        }
        return fractions;
    }

    /** Gauss' elimination; the columns are independent. */
    private static List<Rational> solved(List<List<Rational>> columns, List<Rational> right, int size) {
        Rational[][] rows = new Rational[size][size + 1];
        for (int row = 0; row < size; row++) {
            for (int column = 0; column < size; column++) {
                rows[row][column] = at(columns.get(column), row);
            }
            rows[row][size] = at(right, row);
        }
        for (int column = 0; column < size; column++) {
            Cancellable.check();
            int pivot = column;
            while (rows[pivot][column].signum() == 0) {
                pivot++;
            }
            Rational[] top = rows[pivot];
            rows[pivot] = rows[column];
            rows[column] = top;
            for (int row = 0; row < size; row++) {
                if (row != column && rows[row][column].signum() != 0) {
                    Rational times = (Rational) rows[row][column].dividedBy(top[column]);
                    for (int i = column; i <= size; i++) {
                        rows[row][i] = less(rows[row][i], times, top[i]);
                    }
                }
            }
        }
        List<Rational> unknowns = new ArrayList<>();
        for (int row = 0; row < size; row++) {
            unknowns.add((Rational) rows[row][size].dividedBy(rows[row][row]));
        }
        return unknowns;
    }

    private static Rational less(Rational from, Rational times, Rational other) {
        return (Rational) from.minus((Rational) times.times(other));
    }

    private static Rational at(List<Rational> coefficients, int power) {
        return power < coefficients.size() ? coefficients.get(power) : Rational.ZERO;
    }

    /** What is left over; the quotient's coefficients are put into {@code whole}. */
    private static List<Rational> divided(List<Rational> above, List<Rational> below, List<Rational> whole) {
        List<Rational> rest = new ArrayList<>(above);
        Rational leading = below.get(below.size() - 1);
        for (int top = rest.size() - 1; top >= below.size() - 1; top--) {
            Rational times = (Rational) rest.get(top).dividedBy(leading);
            whole.add(0, times);
            for (int i = 0; i < below.size(); i++) {
                int place = top - below.size() + 1 + i;
                rest.set(place, less(rest.get(place), times, below.get(i)));
            }
            rest.remove(top);
        }
        return rest;
    }

    private static List<Rational> rationals(Polynomial polynomial) {
        List<Rational> all = new ArrayList<>();
        for (BigInteger each : polynomial.whole()) {
            all.add(Rational.of(each));
        }
        return all;
    }

    private static Form polynomial(List<Rational> coefficients, Form.Letter by) {
        List<Form> terms = new ArrayList<>();
        for (int i = 0; i < coefficients.size(); i++) {
            terms.add(Form.number(coefficients.get(i)).times(by.power(i)));
        }
        return Form.sum(terms);
    }
}
