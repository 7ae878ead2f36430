package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.FormulaKey;
import app.logismos.formula.Parser;
import app.logismos.formula.Printer;
import app.logismos.formula.Respelling;
import app.logismos.formula.Vocabulary;
import app.logismos.formula.Walk;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What a person has typed and laid out. Mutable, for one writer; it changes by {@link Edit}s only.
 *
 * <p>Cells that repeat a formula share one expression (see {@link Cell}).
 */
public final class Worksheet {
    private final Vocabulary vocabulary;
    private final Outline outline;
    private final Map<String, CellStore<Cell>> cells = new ConcurrentHashMap<>();
    private final Names names;
    private final Map<String, Expression> templates = new HashMap<>();
    private final Map<String, Cell> readByKey = new HashMap<>();
    private final Map<Expression, Entry> calculations = new IdentityHashMap<>();
    private String title;
    private Settings settings = Settings.USUAL;
    private Touched touched = new Touched();

    /** A worksheet with an outline whose grids are still empty. */
    public Worksheet(String title, List<Section> sections, Vocabulary vocabulary) {
        this(title, sections, vocabulary, new Names(vocabulary));
    }

    private Worksheet(String title, List<Section> sections, Vocabulary vocabulary, Names names) {
        this.title = title;
        this.outline = new Outline(sections);
        this.vocabulary = vocabulary;
        this.names = names;
    }

    /** A copy-on-write copy; while it is in use, this worksheet must not change. */
    public Worksheet overlay() {
        Worksheet overlay = new Worksheet(title, outline.sections(), vocabulary, names.copy());
        cells.forEach((grid, store) -> overlay.cells.put(grid, store.overlay()));
        overlay.settings = settings;
        return overlay;
    }

    /** The title. */
    public String title() {
        return title;
    }

    /** How numbers are read and shown. */
    public Settings settings() {
        return settings;
    }

    List<Edit> change(Edit.ChangeSettings edit) {
        Settings old = settings;
        settings = edit.settings();
        if (old.degrees() != settings.degrees()
                || old.complex() != settings.complex()
                || old.comma() != settings.comma()) {
            touched.everything();
        }
        return List.of(new Edit.ChangeSettings(old));
    }

    /** The sections and blocks. */
    public Outline outline() {
        return outline;
    }

    /** The names and what they stand for. */
    public Names names() {
        return names;
    }

    /** The words that its formulas may use. */
    public Vocabulary vocabulary() {
        return vocabulary;
    }

    /** The units, and the currencies with their rates. */
    public UnitCatalogue units() {
        return vocabulary.units();
    }

    /** What was typed into a cell; nothing where it is empty. */
    public Optional<Cell> cell(String grid, Address cell) {
        return Optional.ofNullable(store(grid).get(cell));
    }

    /** The text that was typed into a cell, empty where nothing was. */
    public String textIn(String grid, Address cell) {
        return cell(grid, cell).map(typed -> typed.text(cell)).orElse("");
    }

    /** The entries of a grid. */
    public CellStore<Cell> cells(String grid) {
        return store(grid);
    }

    /** What the edits since the last call have touched. */
    public Touched takeTouched() {
        Touched since = touched;
        touched = new Touched();
        return since;
    }

    /** Lets cells of an overlay hold a value, whatever is typed there; a table's values each in their cell. */
    public void hold(String grid, Area area, Value value) {
        area.cells().forEach(at -> {
            int row = at.row() - area.first().row();
            int column = at.column() - area.first().column();
            Value own = value instanceof Table table && row < table.rows() && column < table.columns()
                    ? table.at(row, column)
                    : value;
            store(grid).set(at.column(), at.row(), Cell.of("=", new Entry.Constant(own)));
            touched.cell(grid, at);
        });
    }

    /**
     * Entries as they were kept. A text like {@code f(x) = 3} was kept before there were functions, perhaps twice: where
     * its name is taken it says so in its cell and stands in the way of nothing.
     */
    public void restore(Edit.Enter edit) {
        entered(edit, true);
    }

    List<Edit> enter(Edit.Enter edit) {
        return entered(edit, false);
    }

    private List<Edit> entered(Edit.Enter edit, boolean isKept) {
        Block.Grid grid = grid(edit.grid());
        Room.check(edit.cells().size());
        for (Edit.Typed typed : edit.cells()) {
            if (typed.text().length() > Parser.MAX_LENGTH) {
                throw new EditRefused("An entry has " + Parser.MAX_LENGTH + " characters at the most, this one has "
                        + typed.text().length() + ".");
            }
        }
        List<Edit.Typed> typed = eachOnce(edit.cells());
        List<Edit.Typed> before = new ArrayList<>(typed.size());
        List<Cell> after = new ArrayList<>(typed.size());
        for (Edit.Typed each : typed) {
            before.add(new Edit.Typed(each.cell(), textIn(edit.grid(), each.cell())));
            after.add(read(each.text(), each.cell()));
        }
        renameCells(edit.grid(), typed, after, isKept);
        touched.cells(edit.grid(), typed);
        CellStore<Cell> store = store(edit.grid());
        Block.Grid grown = grid;
        for (int i = 0; i < typed.size(); i++) {
            Address at = typed.get(i).cell();
            boolean isEmpty = after.get(i).text(at).isEmpty();
            store.set(at.column(), at.row(), isEmpty ? null : after.get(i));
            grown = isEmpty ? grown : grown.including(at.column(), at.row());
        }
        List<Edit> inverse = new ArrayList<>();
        inverse.add(new Edit.Enter(edit.grid(), before));
        if (!grown.equals(grid)) {
            outline.replace(grown);
            inverse.add(new Edit.ChangeBlock(grid));
        }
        return inverse;
    }

    /** Of entries for the same cell, the last one. */
    private static List<Edit.Typed> eachOnce(List<Edit.Typed> typed) {
        CellSet cells = new CellSet();
        if (typed.stream().allMatch(each -> cells.add(each.cell()))) {
            return typed;
        }
        Map<Address, Edit.Typed> last = new LinkedHashMap<>();
        typed.forEach(each -> last.put(each.cell(), each));
        return List.copyOf(last.values());
    }

    /**
     * Names that entries give their cells: the old ones are free before the new ones are looked at.
     *
     * @param after what stands in each of the cells then; where a name is taken that was kept, what says so takes its place
     */
    private void renameCells(String grid, List<Edit.Typed> typed, List<Cell> after, boolean isKept) {
        Map<String, Target> released = new LinkedHashMap<>();
        typed.forEach(each -> cell(grid, each.cell())
                .flatMap(old -> nameIn(old.entry()))
                .ifPresent(name -> released.put(name, names.release(name))));
        List<String> claimed = new ArrayList<>();
        for (int i = 0; i < typed.size(); i++) {
            Address at = typed.get(i).cell();
            Cell cell = after.get(i);
            Optional<String> name = nameIn(cell.entry());
            if (name.isEmpty()) {
                continue;
            }
            Edit.Place place = new Edit.Place(grid, new Area(at, at));
            Optional<String> clash = names.clash(name.get(), Optional.of(place));
            if (clash.isPresent() && isKept) {
                Failure taken = Failure.of(ErrorCode.SYNTAX, clash.get());
                after.set(i, Cell.of(cell.text(at), new Entry.Unreadable(Optional.empty(), taken)));
                continue;
            }
            if (clash.isPresent()) {
                claimed.forEach(names::release);
                released.values().forEach(names::claim);
                throw new EditRefused(clash.get());
            }
            names.claim(new Target(name.get(), grid, place.area()));
            claimed.add(name.get());
        }
        released.keySet().forEach(touched::name);
        claimed.forEach(touched::name);
    }

    /** The function of one's own that is called so. */
    public Optional<Definition> function(String name) {
        return names.find(name)
                .filter(target -> target.area().size() == 1)
                .flatMap(target -> cell(target.grid(), target.area().first()))
                .map(Cell::entry)
                .filter(Entry.Calculation.class::isInstance)
                .map(entry -> ((Entry.Calculation) entry).expression())
                .filter(Definition.class::isInstance)
                .map(Definition.class::cast);
    }

    /** The name that an entry gives its cell. */
    public static Optional<String> nameIn(Entry entry) {
        if (entry instanceof Entry.Calculation calculation) {
            return calculation.name();
        }
        return entry instanceof Entry.Unreadable unreadable ? unreadable.name() : Optional.empty();
    }

    /** Reads an entry; equal formulas share their expression, and the whole cell where they are spelled alike. */
    private Cell read(String text, Address at) {
        Optional<String> glance = FormulaKey.of(text, at);
        Cell known = glance.map(readByKey::get).orElse(null);
        if (known != null) {
            return known.text(at).equals(text) ? known : Cell.of(text, known.entry());
        }
        Entry entry = shared(EntryReader.read(text, at, vocabulary));
        if (glance.isEmpty() || !(entry instanceof Entry.Calculation)) {
            return Cell.of(text, entry);
        }
        readByKey.put(glance.get(), new Cell(glance.get(), true, entry));
        return read(text, at);
    }

    private Entry shared(Entry entry) {
        if (!(entry instanceof Entry.Calculation calculation)) {
            return entry;
        }
        String key = Printer.key(calculation.expression());
        Expression shared = templates.putIfAbsent(key, calculation.expression());
        if (shared == null) {
            shared = calculation.expression();
        }
        // A cell without a name of its own shares the entry as well.
        return calculation.name().isPresent()
                ? new Entry.Calculation(calculation.name(), shared)
                : calculations.computeIfAbsent(shared, each -> new Entry.Calculation(Optional.empty(), each));
    }

    List<Edit> define(Edit.Define edit) {
        Optional<Target> old = names.defined(edit.name());
        edit.target().ifPresent(place -> {
            grid(place.grid());
            names.clash(edit.name(), edit.target()).ifPresent(clash -> {
                throw new EditRefused(clash);
            });
        });
        names.define(edit.name(), edit.target().map(place -> new Target(edit.name(), place.grid(), place.area())));
        touched.name(edit.name());
        return List.of(new Edit.Define(
                old.map(Target::name).orElse(edit.name()),
                old.map(target -> new Edit.Place(target.grid(), target.area()))));
    }

    List<Edit> retitle(Edit.Retitle edit) {
        String old = title;
        title = Outline.checkedTitle(edit.title());
        return List.of(new Edit.Retitle(old));
    }

    List<Edit> add(Edit.AddSection edit) {
        List<Edit> inverse = outline.add(edit);
        edit.section().blocks().forEach(this::touchTitle);
        return inverse;
    }

    List<Edit> add(Edit.AddBlock edit) {
        List<Edit> inverse = outline.add(edit);
        touchTitle(edit.block());
        return inverse;
    }

    /** Formulas that name a grid look for it again. */
    private void touchTitle(Block block) {
        if (block instanceof Block.Grid grid) {
            touched.title(grid.title());
        }
    }

    List<Edit> removeBlock(Edit.RemoveBlock edit) {
        Block block = outline.block(edit.block())
                .orElseThrow(() -> new EditRefused("There is no block " + edit.block() + "."));
        List<Edit> inverse = new ArrayList<>();
        if (block instanceof Block.Grid grid) {
            List<Edit.Typed> typed = new ArrayList<>();
            store(grid.id()).forEach((column, row, cell) -> {
                Address at = new Address(column, row);
                typed.add(new Edit.Typed(at, cell.text(at)));
            });
            inverse.add(new Edit.Enter(grid.id(), typed));
            for (Target target : names.definedIn(grid.id())) {
                inverse.add(new Edit.Define(target.name(), Optional.of(new Edit.Place(grid.id(), target.area()))));
                names.define(target.name(), Optional.empty());
                touched.name(target.name());
            }
            enter(new Edit.Enter(
                    grid.id(),
                    typed.stream().map(each -> new Edit.Typed(each.cell(), "")).toList()));
            touched.title(grid.title());
        }
        inverse.add(0, outline.remove(edit.block()));
        return inverse;
    }

    List<Edit> changeBlock(Edit.ChangeBlock edit) {
        Block old = outline.replace(edit.block());
        List<Edit> inverse = new ArrayList<>();
        inverse.add(new Edit.ChangeBlock(old));
        if (old instanceof Block.Grid before
                && edit.block() instanceof Block.Grid after
                && !before.hiddenRows().equals(after.hiddenRows())) {
            touched.hiddenRows();
        }
        if (old instanceof Block.Grid before
                && edit.block() instanceof Block.Grid after
                && !before.title().equals(after.title())) {
            touched.title(before.title());
            touched.title(after.title());
            // Undoing turns the title back, which others then follow too: all that use either title get their text
            // again.
            inverse.addAll(usersOf(
                    Set.of(
                            before.title().toLowerCase(Locale.ROOT),
                            after.title().toLowerCase(Locale.ROOT)),
                    (cell, at) -> cell.text(at)));
            usersOf(
                            Set.of(before.title().toLowerCase(Locale.ROOT)),
                            (cell, at) -> renamed(cell, at, before.title(), after.title()))
                    .forEach(this::enter);
            UnaryOperator<String> renamed = expression -> Respelling.expression(
                    expression, vocabulary, node -> renamed(node, expression, before.title(), after.title()));
            respelled(renamed).forEach(each -> inverse.addAll(each.apply(this)));
        }
        return inverse;
    }

    /** Applies edits, all or none; answers with the edits that take all of them back. */
    List<Edit> applyAll(List<Edit> edits) {
        List<Edit> inverse = new ArrayList<>();
        try {
            edits.forEach(edit -> inverse.addAll(0, edit.apply(this)));
        } catch (EditRefused refused) {
            inverse.forEach(edit -> edit.apply(this));
            throw refused;
        }
        return inverse;
    }

    List<Edit> restructure(Edit.Restructure edit) {
        Displacement displacement = edit.displacement();
        Block.Grid grid = grid(displacement.grid());
        if (edit instanceof Edit.OrderRows order) {
            checkOrder(order, grid);
        } else if (displacement instanceof Displacement.Lines lines) {
            check(edit, lines.axis(), lines.axis() == Axis.ROWS ? grid.rows() : grid.columns());
        } else if (edit instanceof Edit.MoveCells move) {
            grid(move.toGrid());
            int right = move.to().column() + move.area().columns() - 1;
            int bottom = move.to().row() + move.area().rows() - 1;
            if (!Address.isInside(right, bottom)) {
                throw new EditRefused("There is no room for " + move.area() + " at " + move.to() + ".");
            }
        }
        return applyAll(Restructuring.edits(this, displacement));
    }

    private static void checkOrder(Edit.OrderRows order, Block.Grid grid) {
        boolean isOrder = order.order().size() == order.area().rows()
                && order.order().stream()
                        .sorted()
                        .toList()
                        .equals(IntStream.range(0, order.order().size()).boxed().toList());
        if (!isOrder || order.area().last().row() >= grid.rows()) {
            throw new EditRefused("An order names each row of " + order.area() + " once, and this one does not.");
        }
    }

    private static void check(Edit.Restructure edit, Axis axis, int size) {
        if (edit instanceof Edit.InsertLines insert) {
            boolean hasRoom = size + (long) insert.count() <= axis.most();
            checkLines(axis, insert.at(), insert.count(), insert.at() <= size && hasRoom, size);
        } else if (edit instanceof Edit.DeleteLines delete) {
            checkLines(axis, delete.at(), delete.count(), delete.at() + (long) delete.count() <= size, size);
            if (delete.count() == size) {
                throw new EditRefused(
                        "A grid keeps at least one " + axis.called(0).split(" ")[0] + ".");
            }
        } else if (edit instanceof Edit.MoveLines move) {
            checkLines(axis, move.at(), move.count(), move.at() + (long) move.count() <= size, size);
            if (move.to() < 0 || move.to() > size || move.to() > move.at() && move.to() < move.at() + move.count()) {
                throw new EditRefused("Lines move to a place outside themselves, and this is inside.");
            }
        }
    }

    private static void checkLines(Axis axis, int at, int count, boolean fits, int size) {
        if (at < 0 || count < 1 || !fits) {
            throw new EditRefused("The grid has " + axis.counted(size) + ", and this reaches beyond them.");
        }
    }

    List<Edit> rename(Edit.Rename edit) {
        Target target = names.find(edit.name())
                .orElseThrow(() -> new EditRefused("Nothing is called `" + edit.name() + "` here."));
        Edit.Place place = new Edit.Place(target.grid(), target.area());
        boolean isSame = edit.name().equalsIgnoreCase(edit.to());
        Optional<String> clash = isSame ? Optional.empty() : names.clash(edit.to(), Optional.of(place));
        boolean isOther = !isSame && names.find(edit.to()).isPresent();
        if (clash.isPresent() || isOther) {
            throw new EditRefused(clash.orElse("`" + edit.to() + "` is a name of these cells already."));
        }
        List<Edit> edits = new ArrayList<>();
        if (names.defined(edit.name()).isPresent()) {
            edits.add(new Edit.Define(edit.name(), Optional.empty()));
            edits.add(new Edit.Define(edit.to(), Optional.of(place)));
        }
        outline.grids().forEach(grid -> {
            List<Edit.Typed> typed = new ArrayList<>();
            store(grid.id()).forEach((column, row, cell) -> {
                Address at = new Address(column, row);
                String text = renamed(cell, at, edit);
                if (!text.equals(cell.text(at))) {
                    typed.add(new Edit.Typed(at, text));
                }
            });
            if (!typed.isEmpty()) {
                edits.add(new Edit.Enter(grid.id(), typed));
            }
        });
        edits.addAll(respelled(expression -> Respelling.expression(
                expression,
                vocabulary,
                node -> node instanceof Name name && name.name().equalsIgnoreCase(edit.name())
                        ? Optional.of(edit.to())
                        : Optional.empty())));
        return applyAll(edits);
    }

    /** The blocks whose expressions are spelled another way now. */
    private List<Edit> respelled(UnaryOperator<String> then) {
        return outline.blocks()
                .filter(block -> !block.withExpressions(then).equals(block))
                .<Edit>map(block -> new Edit.ChangeBlock(block.withExpressions(then)))
                .toList();
    }

    private String renamed(Cell cell, Address at, Edit.Rename edit) {
        boolean uses = cell.entry() instanceof Entry.Calculation shared && uses(shared.expression(), edit.name());
        boolean claims =
                nameIn(cell.entry()).filter(edit.name()::equalsIgnoreCase).isPresent();
        String text = cell.text(at);
        if (uses && EntryReader.read(text, at, vocabulary) instanceof Entry.Calculation own) {
            String typed = text;
            text = Respelling.of(
                    typed,
                    own.expression(),
                    node -> isCalled(node, edit.name()) && isWord(node, typed, own.expression())
                            ? Optional.of(edit.to())
                            : Optional.empty());
        }
        return claims ? text.replaceFirst("[\\p{L}\\p{Mn}0-9_]+", Matcher.quoteReplacement(edit.to())) : text;
    }

    private static boolean uses(Expression expression, String wanted) {
        boolean[] found = {false};
        Walk.visit(expression, node -> found[0] |= isCalled(node, wanted));
        return found[0];
    }

    /**
     * Whether it is spelled anew: a bound word where it may go through other formulas, and stands there by itself and not
     * within {@code 2t}. Parameters of a function keep their names.
     */
    private boolean isWord(Expression node, String typed, Expression whole) {
        return node instanceof Name
                || !(whole instanceof Definition)
                        && refersToFormulas(whole)
                        && node instanceof Variable variable
                        && node.span().in(typed).equals(variable.name());
    }

    private boolean refersToFormulas(Expression expression) {
        boolean[] refers = {false};
        Walk.visit(
                expression,
                node -> refers[0] |= node instanceof CellReference
                        || node instanceof RangeReference
                        || node instanceof Name name
                                && names.find(name.name())
                                        .filter(this::isCalculated)
                                        .isPresent());
        return refers[0];
    }

    private boolean isCalculated(Target target) {
        return target.area().size() > 1
                || cell(target.grid(), target.area().first())
                        .filter(Cell::isCalculated)
                        .isPresent();
    }

    /** A name, or a word that a call binds: as in {@code derivative(total, price)} it may mean the cell. */
    private static boolean isCalled(Expression node, String wanted) {
        return node instanceof Name name && name.name().equalsIgnoreCase(wanted)
                || node instanceof Variable variable && variable.is(wanted);
    }

    /** The cells whose formulas name one of the grids by title, in lower case, each with a text for it. */
    private List<Edit.Enter> usersOf(Set<String> titles, BiFunction<Cell, Address, String> text) {
        List<Edit.Enter> edits = new ArrayList<>();
        outline.grids().forEach(grid -> {
            List<Edit.Typed> typed = new ArrayList<>();
            store(grid.id()).forEach((column, row, cell) -> {
                Address at = new Address(column, row);
                if (cell.entry() instanceof Entry.Calculation calculation && names(calculation.expression(), titles)) {
                    typed.add(new Edit.Typed(at, text.apply(cell, at)));
                }
            });
            if (!typed.isEmpty()) {
                edits.add(new Edit.Enter(grid.id(), typed));
            }
        });
        return edits;
    }

    private static boolean names(Expression expression, Set<String> titles) {
        boolean[] found = {false};
        Walk.visit(
                expression,
                node -> found[0] |= gridOf(node)
                        .map(title -> title.toLowerCase(Locale.ROOT))
                        .filter(titles::contains)
                        .isPresent());
        return found[0];
    }

    private String renamed(Cell cell, Address at, String before, String after) {
        if (!cell.isCalculated()
                || !(EntryReader.read(cell.text(at), at, vocabulary) instanceof Entry.Calculation own)) {
            return cell.text(at);
        }
        return Respelling.of(cell.text(at), own.expression(), node -> renamed(node, cell.text(at), before, after));
    }

    private static Optional<String> renamed(Expression node, String text, String before, String after) {
        return gridOf(node).filter(before::equalsIgnoreCase).map(grid -> {
            String reference = node.span().in(text);
            return Printer.quotedGrid(after) + reference.substring(pointIn(reference));
        });
    }

    private static Optional<String> gridOf(Expression node) {
        if (node instanceof CellReference cell) {
            return cell.grid();
        }
        return node instanceof RangeReference range ? range.grid() : Optional.empty();
    }

    /** Where the point behind the grid's title is; a title in quotes may hold points itself. */
    private static int pointIn(String reference) {
        char first = reference.charAt(0);
        int from = first == '\'' || first == '‘' || first == '’' ? lastQuote(reference) : 0;
        return reference.indexOf('.', from);
    }

    private static int lastQuote(String reference) {
        return Math.max(reference.lastIndexOf('\''), Math.max(reference.lastIndexOf('’'), reference.lastIndexOf('‘')));
    }

    private Block.Grid grid(String id) {
        return outline.grid(id).orElseThrow(() -> new EditRefused("There is no grid " + id + "."));
    }

    private CellStore<Cell> store(String grid) {
        CellStore<Cell> store = cells.get(grid);
        return store == null ? cells.computeIfAbsent(grid, id -> new CellStore<>()) : store;
    }

    /** The text of a column's heading, where the cell is below one. */
    public Optional<String> columnLabel(String grid, Address cell) {
        int headings = outline.grid(grid).map(Block.Grid::headings).orElse(0);
        return headings == 0 || cell.row() < headings
                ? Optional.empty()
                : textOf(store(grid).get(cell.column(), headings - 1));
    }

    private static Optional<String> textOf(@Nullable Cell cell) {
        return cell != null && cell.entry() instanceof Entry.Constant constant && constant.value() instanceof Text text
                ? Optional.of(text.text())
                : Optional.empty();
    }

    /** The text of a row's first cell, where it labels the row and the row is no heading. */
    public Optional<String> rowLabel(String grid, Address cell) {
        if (cell.row() < outline.grid(grid).map(Block.Grid::headings).orElse(0)) {
            return Optional.empty();
        }
        for (int column = 0; column < cell.column(); column++) {
            Optional<String> left = textOf(store(grid).get(column, cell.row()));
            if (left.isPresent()) {
                return left;
            }
        }
        return Optional.empty();
    }
}
