package app.logismos.formats.delimited;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.document.Brought;
import app.logismos.formats.document.Unreadable;
import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.QuoteMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class DelimitedTest {
    private static Delimited read(String text) {
        return read(text, Choices.NONE);
    }

    private static Delimited read(String text, Choices choices) {
        return Delimited.read(text.getBytes(StandardCharsets.UTF_8), choices, Words.STANDARD);
    }

    private static LiveWorksheet live(Brought brought) {
        return new LiveWorksheet(brought.worksheet(), Limits.USUAL);
    }

    private static String value(LiveWorksheet live, String cell) {
        Block.Grid grid = live.worksheet().outline().grids().findFirst().orElseThrow();
        Value value = live.value(grid.id(), Address.parse(cell).orElseThrow());
        return value instanceof Text text ? text.text() : PlainText.of(value);
    }

    private static Choices headings(boolean has) {
        return new Choices(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(has), Map.of(), Set.of());
    }

    @ParameterizedTest(name = "{1} as {0} is entered as {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "POINT; 1,234; 1234",
                "POINT; 1,234.50; 1234.50",
                "POINT; 1'234'567.8; 1234567.8",
                "POINT; 12 345; 12345",
                "POINT; -1,234.5; -1234.5",
                "POINT; .5; 0.5",
                "POINT; 007; 7",
                "POINT; $1,234.50; $1234.50",
                "POINT; 12.5%; 12.5%",
                "POINT; (1,234.50); (1234.50)",
                "POINT; 1.5e-7; 1.5e-7",
                "POINT; 3.5 kg; 3.5 kg",
                "POINT; 2027-03-01; 2027-03-01",
                "POINT; 1,5; none",
                "POINT; 1,2345; none",
                "POINT; 1.234.567; none",
                "POINT; 12,34,567; none",
                "POINT; Rack 12; none",
                "POINT; 01/12/2026; none",
                "COMMA; 1.234; 1234",
                "COMMA; 1.234,50; 1234.50",
                "COMMA; 3,5; 3.5",
                "COMMA; 12 345,6; 12345.6",
                "COMMA; 0,125; 0.125",
                "COMMA; 3,50 €; 3.50 €",
                "COMMA; € 3,50; € 3.50",
                "COMMA; 12,5 %; 12.5 %",
                "COMMA; 1.5; none",
                "COMMA; 0.125; none",
                "COMMA; 1,234,567; none",
                "DAY_FIRST; 01/12/2026; 2026-12-01",
                "DAY_FIRST; 1.2.2026; 2026-02-01",
                "DAY_FIRST; 01/12/2026 14:30; 2026-12-01 14:30",
                "DAY_FIRST; 1 March 2026; 1 March 2026",
                "DAY_FIRST; 2026-12-01; 2026-12-01",
                "DAY_FIRST; 12/31/2026; none",
                "DAY_FIRST; 30/02/2026; none",
                "MONTH_FIRST; 01/12/2026; 2026-01-12",
                "MONTH_FIRST; 12/31/2026; 2026-12-31",
                "MONTH_FIRST; 31/12/2026; none",
                "AS_TYPED; 3 kg; 3 kg",
                "AS_TYPED; true; true",
                "AS_TYPED; 007; none",
                "TEXT; 12; none"
            })
    void aTextIsReadInOneWay(ColumnKind kind, String text, String entry) {
        assertThat(kind.entry(text, Words.STANDARD.units()).orElse("none")).isEqualTo(entry);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "1|2|3; POINT",
                "1.5|2|1,234; POINT",
                "1,5|2|1.234; COMMA",
                "1.234|1.234.567; COMMA",
                "1,234|12; choose",
                "12.500|3; choose",
                "0.125|3; POINT",
                "1.5|1,5; AS_TYPED",
                "1.5|1,5|1,234; choose",
                "01/12/2026|31/12/2026; DAY_FIRST",
                "01/12/2026|12/31/2026; MONTH_FIRST",
                "01/12/2026|02.12.2026; choose",
                "03/03/2026|04/04/2026; DAY_FIRST",
                "13/01/2026|01/13/2026; AS_TYPED",
                "13/01/2026|01/13/2026|01/02/2026; choose",
                "2026-12-01|2026-12-02; AS_TYPED",
                "007|1234; TEXT",
                "Oolong|Assam; AS_TYPED",
                "3 kg|4 kg; POINT",
                "true|false; AS_TYPED",
                "|; AS_TYPED"
            })
    void aColumnIsReadByWhatItsTextsAllow(String texts, String kind) {
        Delimited read = read(texts.replace("|", "\n"), tabs(false));
        assertThat(read.columns()).allSatisfy(column -> {
            assertThat(column.kind().map(Enum::name).orElse("choose")).isEqualTo(kind);
            assertThat(column.says().isEmpty())
                    .isEqualTo(column.kind().isPresent()
                            && !"TEXT".equals(kind)
                            && !texts.contains("1.5|1,5")
                            && !texts.contains("01/13"));
        });
    }

    private static Choices tabs(boolean headings) {
        return new Choices(
                Optional.empty(),
                Optional.of(Separator.TAB),
                Optional.empty(),
                Optional.of(headings),
                Map.of(),
                Set.of());
    }

    @Test
    void whatOneColumnSaysOfTheDecimalMarkHoldsForTheOthersAndIsTold() {
        Delimited read = read("Lot;Price;Mass\nA;3,50;1.200\nB;4,25;2.500\n");
        assertThat(read.columns().get(2).kind()).contains(ColumnKind.COMMA);
        assertThat(read.columns().get(2).says())
                .isEqualTo("`1.200` is read with a decimal comma, as `3,50` in column B has it.");
        assertThat(value(live(read.brought("lots")), "C2")).isEqualTo("1200");
    }

    @Test
    void columnsThatSayDifferentThingsDecideNothingForAnother() {
        Delimited read = read("a;3,5;1.5;1.200\nb;4,5;2.5;3.400\n");
        assertThat(read.columns().get(3).kind()).isEmpty();
    }

    @Test
    void aColumnOfTwoReadingsIsAskedAboutAndNothingComesInBefore() {
        String text = "Lot,Arrived\nA,03/04/2027\nB,05/06/2027\n";
        Delimited open = read(text);
        assertThatThrownBy(() -> open.brought("lots"))
                .isInstanceOf(Unreadable.class)
                .hasMessage(
                        "It is not decided how column B (Arrived) is read. Choose whether `03/04/2027` has the day first or the month first.");
        assertThat(open.beginning(1)).containsExactly(List.of("A", "03/04/2027"));
        LiveWorksheet day =
                live(read(text, Choices.NONE.with(1, ColumnKind.DAY_FIRST)).brought("lots"));
        assertThat(value(day, "B2")).isEqualTo("2027-04-03");
        LiveWorksheet month =
                live(read(text, Choices.NONE.with(1, ColumnKind.MONTH_FIRST)).brought("lots"));
        assertThat(value(month, "B2")).isEqualTo("2027-03-04");
    }

    @ParameterizedTest(name = "the heading {0} is {1} in {2}")
    @CsvSource(
            nullValues = "none",
            value = {
                "Price (EUR),Price,EUR",
                "Price [EUR],Price,EUR",
                "Mass (kg),Mass,kg",
                "Mass in g,Mass,g",
                "Speed (km/h),Speed,km/h",
                "Price (net),Price (net),none",
                "Lot (2),Lot (2),none",
                "Made in China,Made in China,none",
                "(kg),(kg),none",
                "Mass,Mass,none"
            })
    void aUnitInAHeadingGoesToTheNumbers(String written, String heading, String unit) {
        Delimited read = read("Lot," + written + "\nA,3.5\nB,4\nC,none\nD,2 t\n", headings(true));
        Delimited.Column column = read.columns().get(1);
        assertThat(column.heading()).isEqualTo(heading);
        assertThat(column.unit()).isEqualTo(Optional.ofNullable(unit));
        LiveWorksheet live = live(read.brought("lots"));
        assertThat(value(live, "B1")).isEqualTo(heading);
        assertThat(value(live, "B2")).isEqualTo(unit == null ? "7/2" : "(7/2) " + unit);
        assertThat(value(live, "B4")).isEqualTo("none");
        assertThat(value(live, "B5")).isEqualTo("2 t");
    }

    @ParameterizedTest(name = "{0} under a heading in kg is {1}")
    @CsvSource({
        "5,5 kg",
        "-0.5,-0.5 kg",
        "1/2,1/2 kg",
        "2e3,2e3 kg",
        "5%,5%",
        "2 t,2 t",
        "none,none",
        "2027-03-01,2027-03-01"
    })
    void aUnitIsPutBehindWhatIsANumberAlone(String text, String entry) {
        Delimited read = read("Mass (kg)\n" + text + "\n4\n", headings(true).with(0, ColumnKind.POINT));
        assertThat(read.beginning(1)).containsExactly(List.of(entry));
    }

    @Test
    void aColumnThatIsToStayPlainKeepsItsHeading() {
        Choices plain = new Choices(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Map.of(), Set.of(0));
        Delimited read = read("Price (EUR),Lot\n3,A\n", plain);
        assertThat(read.columns().get(0))
                .extracting(Delimited.Column::heading, Delimited.Column::unit)
                .containsExactly("Price (EUR)", Optional.empty());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "Lot,Mass|A,3|B,4; true",
                "Lot,Leaf|A,Oolong|B,Assam; true",
                "1,2|3,4; false",
                "Lot,2027-03-01|A,3; false",
                "Lot,Lot|A,3; false",
                "A,Oolong|A,Assam; false",
                "Lot,01/12/2026|A,3; false",
                "Lot,1,5|A,3,4; false",
                "Lot,Mass; false",
                ",|1,2; false"
            })
    void theFirstLineHasHeadingsWhereItLooksSo(String lines, boolean has) {
        assertThat(read(lines.replace('|', '\n')).hasHeadings()).isEqualTo(has);
    }

    @Test
    void whatLooksLikeAFormulaStaysATextAndIsTold() {
        Brought brought = read("Remark,Lot\n=1+1,a=3\n\"=HYPERLINK(\"\"http://x\"\")\",f(x)=x\n-5,+7\n")
                .brought("lots");
        LiveWorksheet live = live(brought);
        assertThat(value(live, "A2")).isEqualTo("=1+1");
        assertThat(value(live, "A3")).isEqualTo("=HYPERLINK(\"http://x\")");
        assertThat(value(live, "B2")).isEqualTo("a=3");
        assertThat(value(live, "B3")).isEqualTo("f(x)=x");
        assertThat(value(live, "A4")).isEqualTo("-5");
        assertThat(brought.told())
                .containsExactly(
                        "2 texts begin, the first in A2, like a formula and stays a text: nothing in such a document is worked out.");
    }

    @ParameterizedTest
    @EnumSource
    void aDocumentIsReadInEachEncodingWithAndWithoutItsMark(Encoding encoding) {
        String text = "Lot;Preis\nGrün–é;3\n";
        Charset charset = encoding == Encoding.WINDOWS_1252
                ? Charset.forName("windows-1252")
                : Charset.forName(encoding.name().replace('_', '-').replace("16", "16"));
        for (String mark : encoding == Encoding.WINDOWS_1252 ? List.of("") : List.of("", "\ufeff")) {
            Delimited read = Delimited.read((mark + text).getBytes(charset), Choices.NONE, Words.STANDARD);
            assertThat(read.encoding()).isEqualTo(encoding);
            assertThat(read.columns().get(0).heading()).isEqualTo("Lot");
            assertThat(value(live(read.brought("lots")), "A2")).isEqualTo("Grün–é");
        }
    }

    @Test
    void anEncodingThatTheDocumentDoesNotHaveIsRefused() {
        byte[] bytes = "Gr\u00fcn".getBytes(Charset.forName("windows-1252"));
        Choices choices = new Choices(
                Optional.of(Encoding.UTF_8), Optional.empty(), Optional.empty(), Optional.empty(), Map.of(), Set.of());
        assertThatThrownBy(() -> Delimited.read(bytes, choices, Words.STANDARD))
                .hasMessage("The document is not written in UTF-8. Choose another encoding.");
    }

    @ParameterizedTest(name = "{0} has {1}")
    @CsvSource(
            delimiter = '!',
            value = {
                "a;1,5|b;2,5|c;3! SEMICOLON",
                "a,1.5|b,2.5! COMMA",
                "a\t1,5|b\t2,5! TAB",
                "sep=;|a;1|b;2,5! SEMICOLON",
                "\"a;b\",1|\"c;d\",2! COMMA",
                "one|two! COMMA"
            })
    void theSeparatorIsTheOneThatPartsTheLinesAlike(String lines, Separator separator) {
        Delimited read = read(lines.replace('|', '\n').replace("\\t", "\t"));
        assertThat(read.separator()).isEqualTo(separator);
        assertThat(read.beginning(1).get(0).get(0)).doesNotContain("sep");
    }

    @Test
    void apostrophesMayStandAroundTexts() {
        Delimited read = read("'a,b',1\n'c,d',2\n");
        assertThat(read.quote()).isEqualTo(Quote.APOSTROPHE);
        assertThat(read.beginning(2)).containsExactly(List.of("a,b", "1"), List.of("c,d", "2"));
        assertThat(read("it's,1\nO'Neill,2\n").quote()).isEqualTo(Quote.QUOTATION_MARK);
    }

    @Test
    void aQuotationMarkThatIsNotClosedIsToldWithItsLine() {
        assertThatThrownBy(() -> read("a,b\nc,\"d\ne,f\n"))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith("Line 2 cannot be parted");
        Choices none = new Choices(
                Optional.empty(), Optional.empty(), Optional.of(Quote.NONE), Optional.empty(), Map.of(), Set.of());
        assertThat(read("a,b\nc,\"d\ne,f\n", none).beginning(9)).contains(List.of("c", "\"d"));
    }

    @Test
    void moreColumnsThanAGridHasAreRefusedWithTheirLine() {
        assertThatThrownBy(() -> read("a\n" + ",".repeat(Address.COLUMNS), headings(false)))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith("Line 2 is more than a grid takes");
    }

    @Test
    void anEmptyDocumentIsAnEmptyGrid() {
        for (String text : List.of("", "\n\n", ",,\n,,")) {
            assertThat(read(text).brought("nothing").worksheet().outline().grids())
                    .hasSize(1);
        }
    }

    /** Texts with everything that a document could trip over come in as they are. */
    @ParameterizedTest
    @MethodSource("seeds")
    void anyTableOfTextsIsTheSameAfterwards(int seed) throws IOException {
        Random random = new Random(seed);
        List<String> parts =
                List.of("a", "\"", "'", ",", ";", "\n", "=", "1", "1,5", "ü", "\\", "+", "@", "{", "007", "(", "é");
        Separator separator = Separator.values()[random.nextInt(Separator.values().length)];
        List<List<String>> lines = IntStream.rangeClosed(0, 1 + random.nextInt(6))
                .mapToObj(line -> IntStream.range(0, 3)
                        .mapToObj(column -> "x"
                                + IntStream.range(0, random.nextInt(5))
                                        .mapToObj(i -> parts.get(random.nextInt(parts.size())))
                                        .collect(Collectors.joining()))
                        .toList())
                .toList();
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator.sign())
                .setQuoteMode(QuoteMode.ALL)
                .get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            printer.printRecords(lines);
        }
        Choices texts = new Choices(
                Optional.empty(),
                Optional.of(separator),
                Optional.of(Quote.QUOTATION_MARK),
                Optional.of(false),
                Map.of(0, ColumnKind.TEXT, 1, ColumnKind.AS_TYPED),
                Set.of());
        LiveWorksheet live = live(read(text.toString(), texts).brought("texts"));
        Block.Grid grid = live.worksheet().outline().grids().findFirst().orElseThrow();
        for (int line = 0; line < lines.size(); line++) {
            for (int column = 0; column < 3; column++) {
                assertThat(live.value(grid.id(), new Address(column, line)))
                        .isEqualTo(new Text(lines.get(line).get(column)));
            }
        }
    }

    static Stream<Integer> seeds() {
        return IntStream.range(0, 60).boxed();
    }

    /** Numbers that are written with any mark and separator come back with every digit. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsWrittenComesBackEqual(int seed) {
        Random random = new Random(seed);
        String[][] entries = new String[5][3];
        for (String[] line : entries) {
            Arrays.setAll(line, i -> random.nextInt(9) == 0 ? "lot " + random.nextInt(9) : number(random));
        }
        String source =
                Arrays.stream(entries).map(line -> String.join("\t", line)).collect(Collectors.joining("\n"));
        Choices point = new Choices(
                Optional.empty(),
                Optional.of(Separator.TAB),
                Optional.empty(),
                Optional.of(false),
                Map.of(0, ColumnKind.POINT, 1, ColumnKind.POINT, 2, ColumnKind.POINT),
                Set.of());
        LiveWorksheet before = live(read(source, point).brought("numbers"));
        boolean comma = random.nextBoolean();
        Separator separator = comma ? Separator.SEMICOLON : Separator.values()[random.nextInt(4)];
        StringBuilder written = new StringBuilder();
        DelimitedWriter.write(
                before,
                before.worksheet().outline().grids().findFirst().orElseThrow(),
                new DelimitedWriter.Look(separator, Quote.QUOTATION_MARK, comma, false, false),
                written);
        ColumnKind kind = comma ? ColumnKind.COMMA : ColumnKind.POINT;
        Choices back = new Choices(
                Optional.empty(),
                Optional.of(separator),
                Optional.empty(),
                Optional.of(false),
                Map.of(0, kind, 1, kind, 2, kind),
                Set.of());
        LiveWorksheet after = live(read(written.toString(), back).brought("numbers"));
        for (String cell : List.of("A1", "B1", "C1", "A2", "B3", "C5")) {
            assertThat(value(after, cell)).as(cell + " of " + written).isEqualTo(value(before, cell));
        }
    }

    private static String number(Random random) {
        String digits = String.valueOf(Math.abs(random.nextLong())).substring(0, 1 + random.nextInt(12));
        String whole = digits.replaceFirst("^0+(?=.)", "");
        return (random.nextBoolean() ? "-" : "")
                + whole
                + (random.nextBoolean() ? "." + random.nextInt(100_000) : "")
                + (random.nextInt(5) == 0 ? " kg" : "");
    }

    /** Whatever stands in a file: it comes in, or it is refused in a sentence. */
    @ParameterizedTest
    @MethodSource("seeds")
    void anyBytesAreReadOrRefused(int seed) {
        Random random = new Random(seed);
        byte[] bytes = new byte[random.nextInt(3_000)];
        random.nextBytes(bytes);
        if (seed % 2 == 0) {
            byte[] likely = ",;\t\n\"'=1.5 a\r\u0000".getBytes(StandardCharsets.US_ASCII);
            for (int i = 0; i < bytes.length; i++) {
                bytes[i] = likely[random.nextInt(likely.length)];
            }
        }
        try {
            Delimited read = Delimited.read(bytes, Choices.NONE, Words.STANDARD);
            read.beginning(20);
            read.brought("anything");
        } catch (Unreadable refused) {
            assertThat(refused.getMessage()).endsWith(".");
        }
    }
}
