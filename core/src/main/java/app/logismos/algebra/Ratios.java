package app.logismos.algebra;

import app.logismos.number.Real;
import java.util.ArrayList;
import java.util.List;

/** Logarithms of quantities, which have a value only as that of their ratio: {@code ln(6 m) - ln(2 m)} is {@code ln(3)}. */
public final class Ratios {
    private Ratios() {}

    /** The form with such differences put together; as it is where no quantity is in it. */
    public static Form of(Form form) {
        if (!(form instanceof Form.Sum sum) || !form.isMeasured()) {
            return form;
        }
        List<Form> terms = new ArrayList<>(sum.terms());
        for (int i = 0; i < terms.size(); i++) {
            for (int j = i + 1; j < terms.size(); j++) {
                Form first = terms.get(i);
                Form second = terms.get(j);
                if (isLogarithm(first)
                        && isLogarithm(second)
                        && times(first).plus(times(second)) instanceof Real none
                        && none.signum() == 0) {
                    boolean isLess = times(first).signum() < 0;
                    Form ratio = isLess
                            ? argument(second).over(argument(first))
                            : argument(first).over(argument(second));
                    terms.set(i, Form.number(times(first).abs()).times(Form.applied("ln", List.of(ratio))));
                    terms.remove(j);
                    j = terms.size();
                }
            }
        }
        return Form.sum(terms);
    }

    private static boolean isLogarithm(Form term) {
        return logarithm(term) instanceof Form.Applied applied
                && applied.function().equals("ln");
    }

    private static Form logarithm(Form term) {
        return term instanceof Form.Product product && product.factors().size() == 1
                ? product.factors().get(0)
                : term;
    }

    private static Form argument(Form term) {
        return ((Form.Applied) logarithm(term)).arguments().get(0);
    }

    private static Real times(Form term) {
        return term instanceof Form.Product product ? product.number() : ((Form.Number) Form.ONE).value();
    }
}
