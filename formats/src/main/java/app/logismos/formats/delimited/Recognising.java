package app.logismos.formats.delimited;

import app.logismos.formula.Address;
import app.logismos.formula.EntryReader;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Text;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Finds how the columns of a table are to be read. What allows two readings is never decided by the column itself. */
final class Recognising {
    private final Table table;
    private final UnitCatalogue units;

    Recognising(Table table, UnitCatalogue units) {
        this.table = table;
        this.units = units;
    }

    /** How a column is read, and why, or what is to be chosen. */
    record Found(Optional<ColumnKind> kind, String says) {
        static Found as(ColumnKind kind) {
            return new Found(Optional.of(kind), "");
        }
    }

    /** The first line has headings where all its texts differ, are no values, and do not stand below again. */
    boolean hasHeadings() {
        if (table.lines().size() < 2) {
            return false;
        }
        Set<String> headings = new HashSet<>();
        for (int i = 0; i < table.columns(); i++) {
            String heading = table.text(0, i).strip();
            boolean isValue = !(EntryReader.value(heading, units) instanceof Text)
                    || ColumnKind.order(heading) != ColumnKind.Order.NONE
                    || ColumnKind.mark(heading, units) != ColumnKind.Order.NONE;
            if (isValue
                    || !heading.isEmpty() && !headings.add(heading)
                    || heading.equals(table.text(1, i).strip()) && !heading.isEmpty()) {
                return false;
            }
        }
        return !headings.isEmpty();
    }

    /** How each column is read, from a line on. What one column says of the decimal mark or the order of days holds for others. */
    List<Found> columns(int first) {
        List<Seen> seen = new ArrayList<>();
        for (int i = 0; i < table.columns(); i++) {
            seen.add(look(i, first));
        }
        List<Found> found = new ArrayList<>();
        for (Seen each : seen) {
            found.add(
                    each.days.isAny()
                            ? each.days.decided(
                                    seen.stream().map(other -> other.days).toList())
                            : each.isCode
                                    ? new Found(
                                            Optional.of(ColumnKind.TEXT),
                                            "Digits behind a zero, as `" + each.code + "`, are kept as texts.")
                                    : each.marks.isAny()
                                            ? each.marks.decided(seen.stream()
                                                    .map(other -> other.marks)
                                                    .toList())
                                            : Found.as(ColumnKind.AS_TYPED));
        }
        return found;
    }

    private Seen look(int column, int first) {
        Seen seen = new Seen(column);
        for (int line = first; line < table.lines().size(); line++) {
            String text = table.text(line, column).strip();
            if (!text.isEmpty()) {
                seen.add(text, units);
            }
        }
        return seen;
    }

    /** What was seen in a column. */
    private static final class Seen {
        private final Evidence days;
        private final Evidence marks;
        private boolean isCode;
        private String code;

        Seen(int column) {
            days = new Evidence(
                    column, ColumnKind.DAY_FIRST, ColumnKind.MONTH_FIRST, "the day first", "the month first");
            marks = new Evidence(column, ColumnKind.POINT, ColumnKind.COMMA, "a decimal point", "a decimal comma");
        }

        void add(String text, UnitCatalogue units) {
            if (!isCode
                    && text.charAt(text.charAt(0) == '-' && text.length() > 1 ? 1 : 0) == '0'
                    && EntryReader.withoutLeadingZeros(text).isPresent()) {
                isCode = true;
                code = text;
            }
            ColumnKind.Order order = ColumnKind.order(text);
            days.add(order, text);
            if (order == ColumnKind.Order.NONE) {
                marks.add(ColumnKind.mark(text, units), text);
            }
        }
    }

    /** What the texts of a column say of two readings. */
    private static final class Evidence {
        private final int column;
        private final ColumnKind one;
        private final ColumnKind other;
        private final String saysOne;
        private final String saysOther;
        private String first;
        private String second;
        private String either;
        private boolean isAny;

        Evidence(int column, ColumnKind one, ColumnKind other, String saysOne, String saysOther) {
            this.column = column;
            this.one = one;
            this.other = other;
            this.saysOne = saysOne;
            this.saysOther = saysOther;
        }

        void add(ColumnKind.Order order, String text) {
            isAny |= order != ColumnKind.Order.NONE;
            switch (order) {
                case FIRST -> first = first == null ? text : first;
                case SECOND -> second = second == null ? text : second;
                case EITHER -> either = either == null ? text : either;
                case NONE, SAME -> {}
            }
        }

        boolean isAny() {
            return isAny;
        }

        Found decided(List<Evidence> all) {
            if (first != null && second != null) {
                return either == null
                        ? new Found(
                                Optional.of(ColumnKind.AS_TYPED),
                                "Some have " + saysOne + ", as `" + first + "`, and some " + saysOther + ", as `"
                                        + second + "`.")
                        : new Found(
                                Optional.empty(),
                                "Some have " + saysOne + ", as `" + first + "`, and some " + saysOther + ", as `"
                                        + second + "`. Choose what `" + either + "` means.");
            }
            if (first != null) {
                return Found.as(one);
            }
            if (second != null) {
                return Found.as(other);
            }
            if (either == null) {
                return Found.as(one);
            }
            Optional<Evidence> saysFirst =
                    all.stream().filter(each -> each.first != null).findFirst();
            Optional<Evidence> saysSecond =
                    all.stream().filter(each -> each.second != null).findFirst();
            if (saysFirst.isPresent() == saysSecond.isPresent()) {
                return new Found(
                        Optional.empty(), "Choose whether `" + either + "` has " + saysOne + " or " + saysOther + ".");
            }
            boolean isOne = saysFirst.isPresent();
            Evidence shown = isOne ? saysFirst.get() : saysSecond.get();
            return new Found(
                    Optional.of(isOne ? one : other),
                    "`" + either + "` is read with " + (isOne ? saysOne : saysOther) + ", as `"
                            + (isOne ? shown.first : shown.second) + "` in column " + Address.letters(shown.column)
                            + " has it.");
        }
    }
}
