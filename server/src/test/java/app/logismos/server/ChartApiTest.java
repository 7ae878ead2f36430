package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Charts over HTTP: kept, read closely, before, while an input runs, and as comma-separated values. */
class ChartApiTest {
    @TempDir
    static Path data;

    private static Program program;
    private String id;

    @BeforeAll
    static void start() {
        program = Program.start(data, false);
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    @BeforeEach
    void readings() {
        id = program.newWorksheet("Readings");
        program.type(id, 1, "grid-1", "A1", "1", "A2", "2", "A3", "3", "B1", "2", "B2", "=A2*D1", "B3", "6", "D1", "2");
    }

    private String charts() {
        return "/worksheets/" + id + "/charts/";
    }

    private Program.Answer add(String block) {
        return program.post("/worksheets/" + id + "/edits", adding(block));
    }

    private static String adding(String block) {
        return "{\"base\":1000,\"commands\":[{\"do\":\"addBlock\",\"section\":\"section-1\",\"at\":1,\"block\":" + block
                + "}]}";
    }

    private static String block(String parts) {
        return "{\"kind\":\"chart\",\"id\":\"c\",\"title\":\"Look\",\"grid\":\"grid-1\",\"across\":\"A1:A3\"," + parts
                + "}";
    }

    private void addUsual() {
        add(block("\"series\":[{\"source\":{\"of\":\"cells\",\"area\":\"B1:B3\"}}]"));
    }

    @Test
    void aChartNeedSayOnlyWhatIsNotUsual() {
        addUsual();
        JsonNode chart = program.get("/worksheets/" + id).body().at("/sections/0/blocks/1");
        assertThat(chart.at("/form").asString()).isEqualTo("PLOT");
        assertThat(chart.at("/series/0/look/marker").asString()).isEqualTo("USUAL");
        assertThat(program.get(charts() + "c").at("/series/0/points/2/upText")).isEqualTo("6");
    }

    @Test
    void aChartInTheWordsOfBeforeIsReadToo() {
        // Not as the contract says now, but as some who wrote for the program once still do.
        Program.Answer added = program.postInEarlierWords(
                "/worksheets/" + id + "/edits",
                adding(
                        block(
                                "\"series\":[{\"cells\":\"B1:B3\",\"shape\":\"LINE\"}],\"acrossTitle\":\"day\",\"upTitle\":\"\",\"legend\":true,\"beside\":false")));
        assertThat(added.status()).isEqualTo(200);
        JsonNode chart = program.get("/worksheets/" + id).body().at("/sections/0/blocks/1");
        assertThat(chart.at("/series/0/source/area").asString()).isEqualTo("B1:B3");
        assertThat(chart.at("/acrossAxis/title").asString()).isEqualTo("day");
        assertThat(chart.at("/legend").asString()).isEqualTo("ABOVE");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"series\":[{\"source\":{\"of\":\"somewhere\"}}]",
                "\"form\":\"ROUND\",\"series\":[]",
                "\"series\":[{\"source\":{\"of\":\"cells\",\"area\":\"nowhere\"}}]",
            })
    void whatIsNoChartIsRefusedAndChangesNothing(String parts) {
        assertThat(add(block(parts)).status()).isEqualTo(400);
        assertThat(program.get(charts() + "c").status()).isEqualTo(404);
    }

    @Test
    void aPartOfTheAxesHasItsOwnTicks() {
        addUsual();
        JsonNode part = program.get(charts() + "c?columns=100&from=1.4&to=1.6&low=3&high=5")
                .body();
        assertThat(part.at("/across/scale/least").asDouble()).isEqualTo(1.4);
        assertThat(part.at("/across/scale/ticks/1/label").asString()).isEqualTo("1.45");
        assertThat(part.at("/up/scale/most").asDouble()).isEqualTo(5);
        assertThat(program.get(charts() + "c?from=2&to=1").status()).isEqualTo(400);
        assertThat(program.get(charts() + "c?columns=0").status()).isEqualTo(400);
    }

    @Test
    void looksAreThoseThatTheChartHasHadAndComeBackAlone() {
        addUsual();
        program.type(id, 3, "grid-1", "D1", "5");
        program.type(id, 4, "grid-1", "E5", "beside it"); // no other look
        program.type(id, 5, "grid-1", "D1", "9");
        JsonNode looks = program.get(charts() + "c/looks").body();
        assertThat(looks.size()).isEqualTo(3);
        assertThat(looks.at("/0/data/series/0/points/1/upText").asString()).isEqualTo("18");
        assertThat(looks.at("/1/data/series/0/points/1/upText").asString()).isEqualTo("10");
        assertThat(looks.at("/2/reason").asString()).startsWith("Chart ").endsWith(" added");
        Program.Answer back =
                program.post(charts() + "c/looks/" + looks.at("/2/revision").asLong(), "");
        assertThat(back.at("/echo/message")).startsWith("Brought back: ");
        assertThat(program.shown(id, "grid-1", "D1")).isEqualTo("2");
        assertThat(program.shown(id, "grid-1", "E5")).isEqualTo("beside it");
        assertThat(program.post(charts() + "c/looks/" + looks.at("/2/revision").asLong(), "")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aRunTellsEachValueAndKeepsNothing() {
        addUsual();
        long before = program.get("/worksheets/" + id).body().at("/revision").asLong();
        JsonNode frames = program.post(
                        charts() + "c/run", "{\"input\":\"D1\",\"from\":\"0\",\"to\":\"10\",\"count\":3}")
                .body();
        assertThat(frames.at("/1/value").asString()).isEqualTo("5");
        assertThat(frames.at("/2/data/series/0/points/1/upText").asString()).isEqualTo("20");
        assertThat(frames.at("/0/data/up/scale/most").asDouble()).isEqualTo(20);
        JsonNode after = program.get("/worksheets/" + id).body();
        assertThat(after.at("/revision").asLong()).isEqualTo(before);
        assertThat(program.shown(id, "grid-1", "B2")).isEqualTo("4");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"2 | 1 | 4", "0 | 0 | 10", "-3 | -1.5 | -6.0", "5 kg | 2.5 kg | 10.0 kg"})
    void aRunWithoutEndsGoesFromTheHalfToTheDouble(String now, String first, String last) {
        addUsual();
        program.type(id, 1_000, "grid-1", "D1", now);
        JsonNode frames = program.post(charts() + "c/run", "{\"input\":\"D1\",\"from\":\"\",\"to\":\"\",\"count\":2}")
                .body();
        assertThat(frames.at("/0/value").asString()).isEqualTo(first);
        assertThat(frames.at("/1/value").asString()).isEqualTo(last);
    }

    @Test
    void aTextHasNoHalf() {
        addUsual();
        program.type(id, 1_000, "grid-1", "D1", "mint");
        assertThat(program.post(charts() + "c/run", "{\"input\":\"D1\",\"from\":\"\",\"to\":\"\",\"count\":2}")
                        .at("/detail"))
                .isEqualTo("Say from where to where it runs: `\"mint\"` has no half and no double.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "nobody | 0 | 1 | 3 | `nobody` is no name and no cell of this worksheet.",
                "A1:A2 | 0 | 1 | 3 | `A1:A2` is more than one cell. What runs is one.",
                "D1 | 0 | 1 | 900 | An input runs through 200 values at the most, and these are 900.",
                "D1 | now | 1 | 3 | A series is of exact numbers, quantities of one kind, or dates, and `now` is not.",
            })
    void whatCannotRunIsRefusedWithTheReason(String input, String from, String to, int count, String reason) {
        addUsual();
        Program.Answer answer = program.post(
                charts() + "c/run",
                "{\"input\":\"" + input + "\",\"from\":\"" + from + "\",\"to\":\"" + to + "\",\"count\":" + count
                        + "}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/detail")).isEqualTo(reason);
    }

    @Test
    void aTableFollowsItsExpressionInOneStep() {
        Program.Answer made = program.post(
                "/worksheets/" + id + "/acts",
                "{\"act\":{\"do\":\"tabulate\",\"section\":\"section-1\",\"id\":\"t\",\"title\":\"Table\",\"grid\":\"grid-1\",\"expression\":\"B2\",\"first\":{\"name\":\"D1\",\"from\":\"1\",\"to\":\"3\",\"step\":\"1\"}}}");
        assertThat(made.status()).isEqualTo(200);
        assertThat(program.shown(id, "t", "B4")).isEqualTo("6");
        program.type(id, 3, "grid-1", "B2", "=A2*D1+100");
        assertThat(program.shown(id, "t", "B4")).isEqualTo("106");
        program.post("/worksheets/" + id + "/undo", "");
        assertThat(program.shown(id, "t", "B4")).isEqualTo("6");
        assertThat(program.shown(id, "grid-1", "B2")).isEqualTo("4");
        program.post("/worksheets/" + id + "/redo", "");
        assertThat(program.shown(id, "t", "B4")).isEqualTo("106");
    }

    @Test
    void tablesThatWouldFollowThemselvesWithoutEndAreRefused() {
        program.type(id, 1000, "grid-1", "D1", "leaf = 2");
        program.post(
                "/worksheets/" + id + "/acts",
                "{\"act\":{\"do\":\"tabulate\",\"section\":\"section-1\",\"id\":\"t\",\"title\":\"Table\",\"grid\":\"grid-1\",\"expression\":\"B2\",\"first\":{\"name\":\"leaf\",\"from\":\"1\",\"to\":\"3\",\"step\":\"1\"}}}");
        program.type(id, 1000, "t", "A2", "=leaf");
        Program.Answer answer = program.type(id, 1000, "grid-1", "B2", "=A2*leaf+Table.B2");
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(422);
        assertThat(answer.at("/detail")).startsWith("Tables would follow each other without end");
        assertThat(program.shown(id, "grid-1", "B2")).isEqualTo("4");
    }

    @Test
    void expressionsAreWrittenWithTheDecimalMarkOfTheirWorksheet() {
        program.post(
                "/worksheets/" + id + "/edits",
                "{\"base\":1000,\"commands\":[{\"do\":\"changeSettings\",\"settings\":{\"degrees\":false,\"comma\":true,\"grouped\":false,\"dropped\":false,\"complex\":false,\"style\":\"\"}}]}");
        add(
                block(
                        "\"upAxis\":{\"least\":\"-0,5\"},\"series\":[{\"source\":{\"of\":\"curve\",\"expression\":\"max(0,5*x; 1)\",\"variable\":\"x\",\"from\":\"0\",\"to\":\"4,5\"}}]"));
        JsonNode chart = program.get("/worksheets/" + id).body().at("/sections/0/blocks/1");
        assertThat(chart.at("/series/0/source/expression").asString()).isEqualTo("max(0,5*x; 1)");
        assertThat(chart.at("/series/0/source/to").asString()).isEqualTo("4,5");
        assertThat(chart.at("/upAxis/least").asString()).isEqualTo("-0,5");
        JsonNode drawn = program.get(charts() + "c").body();
        assertThat(drawn.at("/faults")).isEmpty();
        assertThat(drawn.at("/series/0/name").asString()).isEqualTo("max(0,5*x; 1)");
        assertThat(drawn.at("/up/scale/least").asDouble()).isEqualTo(-0.5);
        assertThat(drawn.at("/summary").asString()).contains("to 2,25 at 4,5");

        program.post(
                "/worksheets/" + id + "/acts",
                "{\"act\":{\"do\":\"tabulate\",\"section\":\"section-1\",\"id\":\"t\",\"title\":\"Table\",\"grid\":\"grid-1\",\"expression\":\"0,5*x\",\"first\":{\"name\":\"x\",\"from\":\"0,5\",\"to\":\"1\",\"step\":\"0,25\"}}}");
        assertThat(program.shown(id, "t", "B1")).isEqualTo("0,5*x");
        assertThat(program.shown(id, "t", "B3")).isEqualTo("0,375");
        assertThat(program.get("/worksheets/" + id)
                        .body()
                        .at("/sections/0/blocks/2/tabulation/expression")
                        .asString())
                .isEqualTo("0,5*x");
    }

    @Test
    void whatIsFoundWithADecimalCommaIsReplaced() {
        program.type(id, 2, "grid-1", "A5", "0.5", "A6", "=1.5*A5");
        program.post(
                "/worksheets/" + id + "/edits",
                "{\"base\":1000,\"commands\":[{\"do\":\"changeSettings\",\"settings\":{\"degrees\":false,\"comma\":true,\"grouped\":false,\"dropped\":false,\"complex\":false,\"style\":\"\"}}]}");
        program.post(
                "/worksheets/" + id + "/acts",
                "{\"act\":{\"do\":\"replace\",\"find\":\",5\",\"with\":\",25\",\"matchCase\":false}}");
        assertThat(program.shown(id, "grid-1", "A6")).isEqualTo("0,3125");
    }

    private static final String CELLS = "\"series\":[{\"source\":{\"of\":\"cells\",\"area\":\"%s\"}}]";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PLOT | B1:B3 | A1=1 A2=1 A3=1 B1=2 B2=3 B3=4 | x,B1:B3/1,2/1,3/1,4", // several at one place
                "PLOT | B1:B3 | A1=2 A2=1 A3=2 B1=7 B2=8 B3=9 | x,B1:B3/2,7/2,9/1,8", // in no order: as they are met
                "PLOT | B1:B2 | A1=2027-03-01 A2=2027-03-02 B1=08:30 B2=09:15 | x,B1:B2/2027-03-01,08:30/2027-03-02,09:15",
                "PLOT | B1:B2 | A1=1_g A2=2_g B1=0.1_kg B2=200_g | [g],B1:B2 [kg]/1,0.1/2,0.2",
                "FIELDS | A1:C2 | A1=mug B1=60_Cel C1=70_Cel A2=2027-03-01 B2=1 C2=x | mug,60,70/2027-03-01,1,",
                "FIELDS | A1:C2 | A1=mug B1=Red C1=Green A2=2 B2=1 C2=0.25 | mug,Red,Green/2,1,0.25",
                "HISTOGRAM | B1:B3 | B1=2027-03-01 B2=2027-03-02 B3=2027-03-02 | from,to,B1:B3/2027-03-01,2027-03-02,3",
                "BOXES | B1:B3 | B1=0.1_g B2=0.2_g B3=0.4_g | series,least,lower quartile,median,upper quartile,greatest/B1:B3,0.1,0.15,0.2,0.3,0.4",
            })
    void theDataOfAChartIsWholeAsCommaSeparatedValues(String form, String area, String entries, String csv) {
        String sheet = program.newWorksheet("Data");
        program.type(sheet, 1, "grid-1", entries.replace('_', ' ').split("(?<=[A-C]\\d)=| (?=[A-C]\\d=)"));
        program.post(
                "/worksheets/" + sheet + "/edits",
                "{\"base\":1000,\"commands\":[{\"do\":\"addBlock\",\"section\":\"section-1\",\"at\":1,\"block\":"
                        + block("\"form\":\"" + form + "\"," + CELLS.formatted(area)) + "}]}");
        assertThat(program.text("/worksheets/" + sheet + "/charts/c/data.csv").split("\r\n"))
                .containsExactly(csv.split("/"));
    }
}
