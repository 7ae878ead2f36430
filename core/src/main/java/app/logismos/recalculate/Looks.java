package app.logismos.recalculate;

import app.logismos.display.Automatic;
import app.logismos.display.Candid;
import app.logismos.display.FixedPlaces;
import app.logismos.display.Fractional;
import app.logismos.display.Mixed;
import app.logismos.display.Money;
import app.logismos.display.NumberStyle;
import app.logismos.display.Percent;
import app.logismos.display.Roots;
import app.logismos.formula.Address;
import app.logismos.formula.Entry;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.PrefixOperator;
import app.logismos.formula.WrittenNumber;
import app.logismos.formula.WrittenNumber.Form;
import app.logismos.number.Real;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Worksheet;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * How cells without a number style show their numbers (language, section 7): a typed number as it was typed, a calculated
 * amount of money with the places of its currency, and a formula of references, sums, differences, means, least and greatest
 * values in percent, or with a number of places, where all cells that it is made of are shown so.
 */
final class Looks {
    /** Longer entries are shown in the automatic style. */
    private static final int MOST_TYPED = 40;

    /** A formula of more cells is shown in the automatic style, as is one at the end of a longer chain. */
    private static final int MOST_CELLS = 2_000;

    private static final int MOST_DEPTH = 5_000;
    private static final Set<String> KEEPING = Set.of("sum", "mean", "min", "max", "average", "shown");

    private final Worksheet worksheet;
    private final Links links;
    private final Values values;
    private final Map<Long, Look> known = new ConcurrentHashMap<>();

    Looks(Worksheet worksheet, Links links, Values values) {
        this.worksheet = worksheet;
        this.links = links;
        this.values = values;
    }

    /** Forgets what is known: entries or styles may have changed. */
    void clear() {
        known.clear();
    }

    /** The style of a cell that has none; nothing where that is the automatic one. */
    Optional<NumberStyle> style(String grid, Address cell) {
        Optional<Cell> typed = worksheet.cell(grid, cell);
        Value value = values.get(links.number(grid), cell);
        if (typed.isEmpty() || !(value instanceof NumberValue || value instanceof Quantity)) {
            return Optional.empty();
        }
        if (!typed.get().isCalculated()) {
            return written(typed.get(), cell).flatMap(Looks::asTyped);
        }
        return Money.calculated(value).or(() -> look(grid, cell, 0).style());
    }

    /** Whether a cell without a number style shows its number in percent. */
    boolean isPercent(String grid, Address cell) {
        return look(grid, cell, 0).form == Form.PERCENT;
    }

    private Optional<WrittenNumber> written(Cell typed, Address cell) {
        String text = typed.text(cell).strip();
        return text.length() > MOST_TYPED ? Optional.empty() : WrittenNumber.read(text, worksheet.units());
    }

    private static Optional<NumberStyle> asTyped(WrittenNumber written) {
        return switch (written.form()) {
            case DECIMAL ->
                written.places() == 0 && isShort(written.number())
                        ? Optional.empty()
                        : Optional.of(new FixedPlaces(written.places()));
            case PERCENT -> Optional.of(new Percent(new FixedPlaces(written.places())));
            case FRACTION -> Optional.of(Fractional.STYLE);
            case MIXED -> Optional.of(Mixed.STYLE);
            case ROOTS -> Optional.of(Roots.STYLE);
            case SCIENTIFIC -> Optional.empty();
        };
    }

    /** A whole number that the automatic style shows with all its digits, as others do. */
    private static boolean isShort(Real number) {
        return Automatic.STYLE.keepsAllDigits(number);
    }

    /** How a number is shown; what is made of cells that are shown alike is shown like them. */
    private record Look(Form form, int places, boolean isAlike) {
        /** Of what has no number. */
        private static final Look NEUTRAL = new Look(Form.DECIMAL, -1, true);

        /** Of what is not shown like its parts. */
        private static final Look NONE = new Look(Form.DECIMAL, -1, false);

        private static Look of(Form form, int places) {
            return new Look(form, places, true);
        }

        private Look with(Look other) {
            if (!isAlike || !other.isAlike || form != other.form && places >= 0 && other.places >= 0) {
                return NONE;
            }
            if (places < 0 || other.places < 0) {
                return places < 0 ? other : this;
            }
            return form == Form.PERCENT || places == other.places ? of(form, Math.max(places, other.places)) : NONE;
        }

        private Optional<NumberStyle> style() {
            if (!isAlike || places < 0) {
                return Optional.empty();
            }
            if (form == Form.PERCENT) {
                return Optional.of(new Percent(new AtLeast(places)));
            }
            return places == 0 ? Optional.empty() : Optional.of(new Candid(new FixedPlaces(places)));
        }
    }

    /** So many places, or all digits of the automatic style where these are more. */
    private record AtLeast(int places) implements NumberStyle {
        @Override
        public String text(Real number) {
            NumberStyle fixed = new FixedPlaces(places);
            return fixed.keepsAllDigits(number) ? fixed.text(number) : Automatic.STYLE.text(number);
        }

        @Override
        public boolean keepsAllDigits(Real number) {
            return Automatic.STYLE.keepsAllDigits(number);
        }
    }

    private Look look(String grid, Address cell, int depth) {
        Look own = ofStyle(
                worksheet.outline().grid(grid).map(block -> block.style(cell)).orElse(""));
        if (own != Look.NEUTRAL) {
            return own;
        }
        Optional<Cell> typed = worksheet.cell(grid, cell);
        Value value = values.get(links.number(grid), cell);
        if (typed.isEmpty() || !(value instanceof NumberValue || value instanceof Quantity)) {
            return Look.NEUTRAL;
        }
        if (typed.get().entry() instanceof Entry.Calculation calculation) {
            return depth > MOST_DEPTH ? Look.NONE : known(calculation.expression(), grid, cell, depth);
        }
        return written(typed.get(), cell)
                .filter(read -> read.form() == Form.DECIMAL || read.form() == Form.PERCENT)
                .map(read -> Look.of(read.form(), read.places()))
                .orElse(Look.NONE);
    }

    private Look known(Expression expression, String grid, Address cell, int depth) {
        long key = CellKey.of(links.number(grid), cell);
        Look before = known.get(key);
        if (before == null) {
            before = of(expression, grid, cell, depth + 1);
            known.put(key, before);
        }
        return before;
    }

    private static Look ofStyle(String words) {
        String[] parts = words.split(" ");
        if (words.isEmpty() || words.equals("automatic")) {
            return Look.NEUTRAL;
        }
        int places = parts.length > 1 && parts[1].chars().allMatch(Character::isDigit) ? Integer.parseInt(parts[1]) : 0;
        return switch (parts[0]) {
            case "percent" -> Look.of(Form.PERCENT, places);
            case "fixed" -> Look.of(Form.DECIMAL, places);
            default -> Look.NONE;
        };
    }

    private Look of(Expression node, String grid, Address cell, int depth) {
        Optional<Precedent> cells = links.precedent(node, grid, cell);
        if (cells.isPresent()) {
            return of(cells.get(), depth);
        }
        if (node instanceof Group group) {
            return of(group.inner(), grid, cell, depth);
        }
        if (node instanceof Prefix prefix && prefix.operator() == PrefixOperator.MINUS) {
            return of(prefix.operand(), grid, cell, depth);
        }
        if (node instanceof Infix infix
                && (infix.operator() == InfixOperator.PLUS || infix.operator() == InfixOperator.MINUS)) {
            return of(infix.left(), grid, cell, depth).with(of(infix.right(), grid, cell, depth));
        }
        if (node instanceof Call call && KEEPING.contains(call.function().toLowerCase(Locale.ROOT))) {
            Look look = Look.NEUTRAL;
            for (Expression.Argument argument : call.arguments()) {
                look = look.with(argument.value()
                        .map(value -> of(value, grid, cell, depth))
                        .orElse(Look.NONE));
            }
            return look;
        }
        return Look.NONE;
    }

    private Look of(Precedent cells, int depth) {
        String grid = links.grid(cells.grid());
        Look[] look = {Look.NEUTRAL};
        int[] left = {MOST_CELLS};
        worksheet.cells(grid).forEach(cells.area(), (column, row, typed) -> {
            if (look[0].isAlike()) {
                look[0] = left[0]-- > 0 ? look[0].with(look(grid, new Address(column, row), depth)) : Look.NONE;
            }
        });
        return look[0];
    }
}
