package app.logismos.recalculate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Columns that repeat a formula are put in order at once; {@code @} in a template stands for a cell's own row. */
class RunsTest {
    private static final int ROWS = 100;

    /** Some pages of a column. */
    private static final int LONG = 600;

    private static final int SHARED = 40_000;

    @ParameterizedTest(name = "A: {0}, B: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=C@*2        | =A@+1",
                "=B@+1        | =C@",
                "=A@-1+1      | =A@",
                "=A@+1*2      | =A@",
                "=sum(C$1:C@) | =sum(A$1:A@)",
                "=B@-1        | =C@+C@+1",
                "=sum(A@-3:A@-1) | =mean(A:A)",
                "=sum($B$1:$B$100) | =C@",
            })
    void theOrderOfRunsHasEachCellAfterThoseItRefersTo(String a, String b) {
        Links links = links(a, b);
        LongArrayList cells = links.formulas();
        LongArrayList order = new LongArrayList();
        Runs.order(cells, links).orElseThrow().forEach(run -> run.forEach(order::add));
        assertThat(List.copyOf(order)).containsExactlyInAnyOrderElementsOf(List.copyOf(cells));
        LongOpenHashSet all = new LongOpenHashSet(cells);
        LongOpenHashSet done = new LongOpenHashSet();
        order.forEach((long cell) -> {
            assertThat(List.copyOf(done))
                    .containsAll(List.copyOf(links.precedentCells(cell, all)).stream()
                            .filter(all::contains)
                            .toList());
            done.add(cell);
        });
    }

    @ParameterizedTest(name = "A: {0}, B: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=B@      | =A@",
                "=B@-1    | =A@",
                "=A$50+1  | =C@",
                "=A@-1+A@+1 | =C@",
                "=sum(A@-1:A@+1) | =C@",
                "=sum(A:A) | =C@",
            })
    void circlesAndColumnsThatTakeTurnsAreLeftToOthers(String a, String b) {
        Links links = links(a, b);
        assertThat(Runs.order(links.formulas(), links)).isEmpty();
    }

    @Test
    void cellsOutOfTheirOrderAreLeftToOthers() {
        Links links = links("=C@", "=A@");
        LongArrayList cells = links.formulas();
        Collections.shuffle(cells, new Random(1));
        assertThat(Runs.order(cells, links)).isEmpty();
    }

    @Test
    void whatIsEnteredAtOnceHasTheValuesOfWhatIsEnteredCellByCell() {
        Seeded.cases(60, random -> {
            List<Edit.Typed> typed = new ArrayList<>();
            for (int column = 0; column < 4; column++) {
                String template = template(random, column);
                int first = random.nextInt(4);
                int last = first + 16 + random.nextInt(40);
                int change = random.nextInt(3) == 0 ? first + random.nextInt(last - first) : -1;
                for (int row = first; row <= last; row++) {
                    typed.add(new Edit.Typed(
                            new Address(column, row), row == change ? String.valueOf(row) : filled(template, row)));
                }
            }
            LiveWorksheet atOnce = Sheets.empty();
            atOnce.apply(List.of(new Edit.Enter("a", typed)));
            Map<String, Value> values = Sheets.values(atOnce);
            Collections.shuffle(typed, random);
            LiveWorksheet oneByOne = Sheets.empty();
            typed.forEach(each -> oneByOne.apply(List.of(new Edit.Enter("a", List.of(each)))));
            assertThat(values).isEqualTo(Sheets.values(oneByOne));
            atOnce.recalculateAll();
            assertThat(Sheets.values(atOnce)).isEqualTo(values);
        });
    }

    /** So long that several processors share them: each input comes again and again, and so does what is worked out. */
    @Test
    void columnsThatSeveralProcessorsShareHaveTheValuesOfShortOnes() {
        Seeded.cases(3, random -> {
            String unit = List.of("", " kg").get(random.nextInt(2));
            List<String> inputs = IntStream.range(0, 2 * LONG)
                    .mapToObj(i -> input(random, unit))
                    .toList();
            String template = "=" + arithmetic(random, 2, 2);
            LiveWorksheet few = repeated(inputs, template, 3 * LONG);
            LiveWorksheet many = repeated(inputs, template, SHARED);
            for (int row = LONG; row < SHARED - LONG; row++) {
                assertThat(valueOrCode(many, row))
                        .as(template + " in row " + row)
                        .isEqualTo(valueOrCode(few, LONG + row % LONG));
            }
            Map<String, Value> values = Sheets.values(many);
            many.recalculateAll();
            assertThat(Sheets.values(many)).isEqualTo(values);
        });
    }

    /** A failure names the cells that it comes from. */
    private static Object valueOrCode(LiveWorksheet live, int row) {
        Value value = live.value("a", new Address(2, row));
        return value instanceof Failure failure ? failure.code() : value;
    }

    private static LiveWorksheet repeated(List<String> inputs, String template, int rows) {
        LiveWorksheet live = Sheets.empty();
        live.apply(List.of(new Edit.Enter(
                "a",
                IntStream.range(0, 2 * rows)
                        .mapToObj(i -> new Edit.Typed(new Address(i % 2, i / 2), inputs.get(i % inputs.size())))
                        .toList())));
        live.apply(List.of(new Edit.Enter(
                "a",
                IntStream.range(0, rows)
                        .mapToObj(row -> new Edit.Typed(new Address(2, row), filled(template, row)))
                        .toList())));
        return live;
    }

    /** Long columns are worked out side by side; the cells of the second worksheet come one by one. */
    @Test
    void longColumnsHaveTheValuesOfSingleCells() {
        Seeded.cases(20, random -> {
            String unit = List.of("", " kg", " °C").get(random.nextInt(3));
            List<Edit.Typed> inputs = new ArrayList<>();
            for (int row = 0; row < LONG; row++) {
                inputs.add(new Edit.Typed(new Address(0, row), input(random, unit)));
                inputs.add(new Edit.Typed(new Address(1, row), input(random, unit)));
            }
            List<Edit.Typed> formulas = new ArrayList<>();
            for (int column = 2; column < 5; column++) {
                String template = "=" + arithmetic(random, 2, column);
                for (int row = random.nextInt(20); row < LONG - 3; row++) {
                    formulas.add(new Edit.Typed(new Address(column, row), filled(template, row)));
                }
            }
            Edit name = new Edit.Define(
                    "blend", Optional.of(new Edit.Place("a", Area.parse("B2").orElseThrow())));
            LiveWorksheet atOnce = Sheets.empty();
            atOnce.apply(List.of(name, new Edit.Enter("a", inputs)));
            atOnce.apply(List.of(new Edit.Enter("a", formulas)));
            LiveWorksheet oneByOne = Sheets.empty();
            oneByOne.apply(List.of(name, new Edit.Enter("a", inputs)));
            formulas.forEach(each -> oneByOne.apply(List.of(new Edit.Enter("a", List.of(each)))));
            assertThat(Sheets.values(atOnce)).isEqualTo(Sheets.values(oneByOne));
            Collections.shuffle(inputs, random);
            List<Edit.Typed> changed = inputs.stream()
                    .limit(1 + random.nextInt(LONG))
                    .map(typed -> new Edit.Typed(typed.cell(), input(random, unit)))
                    .toList();
            atOnce.apply(List.of(new Edit.Enter("a", changed)));
            changed.forEach(each -> oneByOne.apply(List.of(new Edit.Enter("a", List.of(each)))));
            assertThat(Sheets.values(atOnce)).isEqualTo(Sheets.values(oneByOne));
        });
    }

    /** The order of all formulas is remembered; random numbers tell which of them were worked out again. */
    @Test
    void afterEachEditEverythingIsWorkedOutAgainInItsNewOrder() {
        LiveWorksheet live = Sheets.empty();
        List<Edit.Typed> typed = new ArrayList<>();
        for (int row = 0; row < 40; row++) {
            typed.add(new Edit.Typed(new Address(0, row), "=random()"));
            typed.add(new Edit.Typed(new Address(1, row), "=A" + (row + 1) + "*2"));
        }
        live.apply(List.of(new Edit.Enter("a", typed)));
        assertAllAreNew(live, "A7", "B7");
        Sheets.type(live, "C1", "=random()+B7");
        assertAllAreNew(live, "A7", "B7", "C1");
        Sheets.type(live, "B7", "=C1/4", "C1", "=random()");
        assertAllAreNew(live, "A7", "B7", "C1");
        assertThat(number(live, "B7")).isEqualTo(number(live, "C1").dividedBy(Rational.of(4)));
        Sheets.type(live, "A7", "", "C1", "=shifted(A1, randomint(1, 3)-1, 0)");
        live.recalculateAll();
        assertThat(live.value("a", Sheets.at("A7"))).isEqualTo(Blank.BLANK);
        assertAllAreNew(live, "A8", "B8");
        assertThat(List.of(number(live, "A1"), number(live, "A2"), number(live, "A3")))
                .contains(number(live, "C1"));
    }

    private static Real number(LiveWorksheet live, String cell) {
        return ((NumberValue) live.value("a", Sheets.at(cell))).real();
    }

    private static void assertAllAreNew(LiveWorksheet live, String... cells) {
        List<Real> before = Stream.of(cells).map(cell -> number(live, cell)).toList();
        live.recalculateAll();
        for (int i = 0; i < cells.length; i++) {
            assertThat(number(live, cells[i])).isNotEqualTo(before.get(i));
        }
    }

    /** Mostly a number with the unit given, at times something else. */
    private static String input(Random random, String unit) {
        List<String> others = List.of("", "tea", "3 kg", "4 lb", "5 °C", "=pi", "1/3", "1e30", "=sqrt(2)");
        List<String> numbers = List.of("0", "0.01", "2147483647", "-7", "12.5");
        return random.nextInt(4) == 0
                ? others.get(random.nextInt(others.size()))
                : numbers.get(random.nextInt(numbers.size())) + unit;
    }

    private static String arithmetic(Random random, int depth, int column) {
        if (depth == 0) {
            char other = (char) ('A' + random.nextInt(column));
            String row = List.of("@", "@", "@-1", "@+2", "$3").get(random.nextInt(5));
            return random.nextInt(5) == 0
                    ? List.of("1.2", "blend", "$A$1", "2 kg").get(random.nextInt(4))
                    : other + row;
        }
        return "(" + arithmetic(random, depth - 1, column) + "+-*/".charAt(random.nextInt(4))
                + arithmetic(random, depth - 1, column) + ")";
    }

    private static String template(Random random, int column) {
        char own = (char) ('A' + column);
        char other = (char) ('A' + random.nextInt(4));
        String row = List.of("@", "@-1", "@+1", "$3", "@-2").get(random.nextInt(5));
        return switch (random.nextInt(5)) {
            case 0 -> "7";
            case 1 -> "=" + own + "@-1+1";
            case 2 -> "=sum(" + other + "$1:" + other + row + ")";
            default -> "=" + other + row + "/2+1";
        };
    }

    /** A template in a row; a reference above the first row is one to that. */
    private static String filled(String template, int row) {
        String text = template;
        for (int off = 3; off >= -3; off--) {
            String sign = off == 0 ? "@" : "@" + (off > 0 ? "+" : "") + off;
            if (off != 0) {
                text = text.replaceAll(
                        sign.replace("+", "\\+") + "(?![0-9])", String.valueOf(Math.max(1, row + 1 + off)));
            }
        }
        return text.replace("@", String.valueOf(row + 1));
    }

    /** A grid whose columns A and B repeat formulas from the fourth row on and whose C is typed. */
    private static Links links(String a, String b) {
        Worksheet worksheet =
                new Worksheet("Blend", List.of(Section.of("s", "Blend", Sheets.grid("a", "Lots"))), Words.STANDARD);
        List<Edit.Typed> typed = IntStream.range(0, ROWS)
                .boxed()
                .flatMap(row -> List.of(
                        Optional.of(new Edit.Typed(new Address(2, row), "1")),
                        typedBelowTop(0, row, a),
                        typedBelowTop(1, row, b))
                        .stream())
                .flatMap(Optional::stream)
                .toList();
        new Edit.Enter("a", typed).apply(worksheet);
        Links links = new Links(worksheet);
        links.follow(worksheet.takeTouched());
        return links;
    }

    private static Optional<Edit.Typed> typedBelowTop(int column, int row, String template) {
        return row < 3
                ? Optional.empty()
                : Optional.of(new Edit.Typed(new Address(column, row), filled(template, row)));
    }
}
