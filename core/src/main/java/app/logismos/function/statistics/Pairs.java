package app.logismos.function.statistics;

import app.logismos.function.Arguments;
import app.logismos.function.Shape;
import app.logismos.number.Real;
import app.logismos.value.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The pairs of cells of {@code y} and {@code x} that both hold numbers; the others are passed over. */
public record Pairs(List<Real> y, List<Real> x) {
    static Pairs of(Arguments given) {
        Table y = given.table("y");
        Table x = given.table("x");
        if (y.rows() * y.columns() != x.rows() * x.columns()) {
            throw new Arguments.Refused(
                    Shape.differ("The two lists must have the same number of cells.", Shape.of(y), Shape.of(x)));
        }
        List<Real> ys = new ArrayList<>();
        List<Real> xs = new ArrayList<>();
        for (int i = 0; i < y.rows() * y.columns(); i++) {
            Optional<Real> up = given.numberIn("y", y.at(i / y.columns(), i % y.columns()));
            Optional<Real> across = given.numberIn("x", x.at(i / x.columns(), i % x.columns()));
            if (up.isPresent() && across.isPresent()) {
                ys.add(up.get());
                xs.add(across.get());
            }
        }
        if (ys.isEmpty()) {
            throw given.wrong("y", "at least one pair of numbers", "none");
        }
        return new Pairs(ys, xs);
    }
}
