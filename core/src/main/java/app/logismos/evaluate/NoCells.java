package app.logismos.evaluate;

import app.logismos.formula.Address;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Printer;
import app.logismos.function.Surroundings;
import app.logismos.number.Real;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;

/** The scope of a calculation outside any worksheet: it has neither cells nor names. */
public record NoCells(Surroundings surroundings) implements Scope {
    @Override
    public Value cell(CellReference reference, Address origin) {
        return missing(reference, origin);
    }

    @Override
    public Value range(RangeReference reference, Address origin) {
        return missing(reference, origin);
    }

    private static Failure missing(Expression reference, Address origin) {
        return Failure.at(
                reference.span(),
                ErrorCode.MISSING_REFERENCE,
                "`" + Printer.text(reference, origin) + "` is a cell, and there is no grid here.");
    }

    @Override
    public Value name(Name name, Address origin) {
        return EvaluationErrors.unknownName(name, List.of());
    }

    @Override
    public Optional<String> holderOf(Real number, String typed) {
        return Optional.empty();
    }
}
