package app.logismos.formula;

import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The references and names of an expression from left to right; equal ones share an index, and so a colour. */
public final class References {
    private final List<Expression> all = new ArrayList<>();
    private final Map<Object, Integer> indices = new LinkedHashMap<>();

    private References() {}

    /** Those of {@code expression}. */
    public static References in(Expression expression) {
        References references = new References();
        Walk.visit(expression, references::add);
        return references;
    }

    /** The nodes themselves, repeats included. */
    public List<Expression> all() {
        return List.copyOf(all);
    }

    /** The index of what the node refers to, from 0; −1 where it refers to nothing. */
    public int indexOf(Expression node) {
        return indices.getOrDefault(key(node), -1);
    }

    private void add(Expression node) {
        Object key = key(node);
        if (!key.equals("")) {
            all.add(node);
            indices.putIfAbsent(key, indices.size());
        }
    }

    /** What the node refers to, without where it stands. */
    private static Object key(Expression node) {
        if (node instanceof CellReference cell) {
            return List.of(cell.grid(), cell.column(), cell.row());
        }
        if (node instanceof RangeReference range) {
            return List.of(range.grid(), range.firstColumn(), range.firstRow(), range.lastColumn(), range.lastRow());
        }
        return node instanceof Name name ? name.name().toLowerCase(Locale.ROOT) : "";
    }
}
