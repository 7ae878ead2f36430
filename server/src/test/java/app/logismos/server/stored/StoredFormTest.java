package app.logismos.server.stored;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.formats.json.KindNames;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Tabulation;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class StoredFormTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Block.Grid GRID = Block.Grid.of("g", "Readings", 5, 3);
    private static final Chart CHART = Chart.of(
            "c",
            "Cooling",
            "g",
            Optional.of(area("A1:A4")),
            Chart.Series.of(area("B1:B4"), Chart.Shape.POINTS),
            Chart.Series.of(new Chart.Curve("90-x", "x", "0", "20"), "model", Chart.Shape.LINE));

    @Test
    void whatWasWrittenInThisFormatIsWrittenSoForEver() throws IOException {
        // Where this fails, the form has changed: it needs the next number and a reader of this one.
        String kept = resource("/stored/format-3.json");
        List<Edit> edits = StoredForm.edits(3, kept, id -> Optional.empty());
        assertThat(JSON.readTree(StoredForm.written(edits, Map.of()))).isEqualTo(JSON.readTree(kept));
    }

    @Test
    void whatWasWrittenInTheFormatBeforeIsRead() throws IOException {
        assertThat(StoredForm.edits(2, resource("/stored/format-2.json"), id -> Optional.empty()))
                .isEqualTo(StoredForm.edits(3, resource("/stored/format-3.json"), id -> Optional.empty()));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "A1 A2 A3 | [[\"A1\",\"A1\",\"A2\",\"A3\"]]",
                "A1 B1 C1 | [[\"A1\",\"A1\"],[\"B1\",\"B1\"],[\"C1\",\"C1\"]]",
                "B2 B3 B5 A6 A7 | [[\"B2\",\"B2\",\"B3\"],[\"B5\",\"B5\"],[\"A6\",\"A6\",\"A7\"]]",
                "B3 B2 B2 | [[\"B3\",\"B3\"],[\"B2\",\"B2\"],[\"B2\",\"B2\"]]",
                "'' | []"
            })
    void entriesAreWrittenInRunsOfCellsBelowEachOther(String cells, String runs) {
        List<Edit> edits = List.of(new Edit.Enter(
                "g",
                Stream.of(cells.split(" "))
                        .flatMap(cell -> Address.parse(cell).stream())
                        .map(cell -> new Edit.Typed(cell, cell.toString()))
                        .toList()));
        String written = StoredForm.written(edits, Map.of());
        assertThat(written).isEqualTo("[{\"do\":\"enter\",\"grid\":\"g\",\"cells\":" + runs + "}]");
        assertThat(StoredForm.edits(StoredForm.FORMAT, written, id -> Optional.empty()))
                .isEqualTo(edits);
    }

    @Test
    void aChoiceThatCameLaterIsWrittenWhereItIsMade() {
        for (boolean made : new boolean[] {true, false}) {
            List<Edit> edits =
                    List.of(new Edit.ChangeSettings(new Settings(false, true, false, made, made, "percent")));
            String written = StoredForm.written(edits, Map.of());
            assertThat(written.contains("dropped")).isEqualTo(made);
            assertThat(written.contains("complex")).isEqualTo(made);
            assertThat(StoredForm.edits(StoredForm.FORMAT, written, id -> Optional.empty()))
                    .isEqualTo(edits);
        }
    }

    @Test
    void everyKindIsAmongWhatIsKeptForEver() throws IOException {
        Set<String> kept = new TreeSet<>();
        JSON.readTree(resource("/stored/format-3.json")).forEach(edit -> names(edit, kept));
        Set<String> all = KindNames.MIXINS.keySet().stream()
                .flatMap(KindNames::kinds)
                .map(KindNames::name)
                .collect(Collectors.toSet());
        assertThat(kept).containsAll(all);
    }

    private static void names(JsonNode node, Set<String> found) {
        Stream.of("do", "kind", "of")
                .filter(node::has)
                .forEach(part -> found.add(node.get(part).asString()));
        node.forEach(part -> names(part, found));
    }

    static Stream<Arguments> changes() {
        return Stream.of(
                Arguments.of("another title", CHART, CHART.withTitle("Cooling of a pot")),
                Arguments.of("nothing", CHART, CHART),
                Arguments.of("nothing goes across", CHART, CHART.withAcross(Optional.empty())),
                Arguments.of("marks", CHART, CHART.withMarks(List.of(new Chart.Label(1, 2, "here")))),
                Arguments.of("no series", CHART, CHART.withSeries(List.of())),
                Arguments.of("two axes", CHART, CHART.withTitles("t", "h", "")),
                Arguments.of("no headings", CHART.withHeadings(Optional.of(2)), CHART),
                Arguments.of("styles", GRID.withStyles(Map.of("A", "percent 1", "B", "fixed 2")), GRID),
                Arguments.of(
                        "other styles",
                        GRID.withStyles(Map.of("A", "fixed 1")),
                        GRID.withStyles(Map.of("B", "fixed 1"))),
                Arguments.of("a note", new Block.Note("n", "old", false), new Block.Note("n", "", true)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("changes")
    void aChangedBlockIsReadAgainFromWhatDiffers(String what, Block before, Block after) {
        String there = StoredForm.written(List.of(new Edit.ChangeBlock(after)), Map.of(before.id(), before));
        assertThat(there).contains("patch");
        assertThat(StoredForm.edits(StoredForm.FORMAT, there, id -> Optional.of(before)))
                .containsExactly(new Edit.ChangeBlock(after));
        String back = StoredForm.written(List.of(new Edit.ChangeBlock(before)), Map.of(after.id(), after));
        assertThat(StoredForm.edits(StoredForm.FORMAT, back, id -> Optional.of(after)))
                .containsExactly(new Edit.ChangeBlock(before));
    }

    @Test
    void aTitleOfAChartIsWrittenWithoutTheChart() {
        assertThat(StoredForm.written(List.of(new Edit.ChangeBlock(CHART.withTitle("Tea"))), Map.of("c", CHART)))
                .isEqualTo("[{\"do\":\"changeBlock\",\"id\":\"c\",\"patch\":{\"title\":\"Tea\"}}]");
    }

    @Test
    void aChangeAmongOthersIsWrittenWhole() {
        List<Edit> edits = List.of(new Edit.ChangeBlock(CHART.withTitle("Tea")), new Edit.Retitle("Pots"));
        String written = StoredForm.written(edits, Map.of("c", CHART));
        assertThat(StoredForm.edits(StoredForm.FORMAT, written, id -> Optional.empty()))
                .isEqualTo(edits);
    }

    @Test
    void whatIsTouchedIsToldWithoutTheBlocks() {
        String patch = StoredForm.written(List.of(new Edit.ChangeBlock(CHART.withTitle("Tea"))), Map.of("c", CHART));
        Touching touching = StoredForm.touching(StoredForm.FORMAT, patch);
        assertThat(touching.layout()).isTrue();
        assertThat(touching.meets(Touching.of(List.of(new Edit.Retitle("Pots")))))
                .isTrue();
        assertThat(touching.meets(Touching.NOTHING)).isFalse();
    }

    @Test
    void aStripOfTheLongestEntriesFitsIntoItsColumn() {
        List<String> longest = Collections.nCopies(StoredForm.STRIP, "\u0001".repeat(8192));
        assertThat(StoredForm.written(longest)).hasSizeLessThanOrEqualTo(1_048_576);
        assertThat(StoredForm.entries(StoredForm.written(longest))).isEqualTo(longest);
    }

    @Test
    void aBlockIsReadAsItWasWritten() {
        Block.Grid tabulated = GRID.withTabulation(
                Optional.of(new Tabulation("g", "x^2", "x", Optional.empty(), "tabulated_first^2")));
        assertThat(Stream.of(GRID, CHART, tabulated).map(StoredForm::written).map(StoredForm::block))
                .containsExactly(GRID, CHART, tabulated);
    }

    private static String resource(String name) throws IOException {
        try (InputStream file = StoredFormTest.class.getResourceAsStream(name)) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }
}
