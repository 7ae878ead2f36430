package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Worksheets handed over and brought in over HTTP. */
class DocumentsTest {
    @TempDir
    static Path data;

    private static Program program;

    @BeforeAll
    static void start() {
        program = Program.start(data, true);
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    static Stream<String> examples() {
        return program.get("/worksheets?example=true")
                .body()
                .valueStream()
                .map(each -> each.get("title").asString());
    }

    private static String id(String title) {
        return program.get("/worksheets?example=true")
                .body()
                .valueStream()
                .filter(each -> each.get("title").asString().equals(title))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
    }

    private static String json(String id) {
        return program.text("/worksheets/" + id + "/export?format=JSON");
    }

    /** What all cells show, by the title of their grid. */
    private static List<String> shown(String id) {
        return program.get("/worksheets/" + id)
                .body()
                .get("sections")
                .valueStream()
                .flatMap(section -> section.get("blocks").valueStream())
                .filter(block -> block.get("kind").asString().equals("grid"))
                .flatMap(grid -> program.get(
                                "/worksheets/" + id + "/grids/" + grid.get("id").asString() + "/cells")
                        .body()
                        .get("cells")
                        .valueStream()
                        .map(cell -> grid.get("title").asString() + "."
                                + cell.get("address").asString() + " "
                                + cell.get("display").asString()))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("examples")
    void anExampleOutAndInAgainIsEqual(String title) {
        String document = json(id(title));
        Program.Answer brought = program.post("/worksheets/import", document);
        assertThat(brought.status()).isEqualTo(201);
        assertThat(brought.body().get("told")).isEmpty();
        String again = brought.at("/worksheet/id");
        assertThat(shown(again)).isNotEmpty().isEqualTo(shown(id(title)));
        assertThat(json(again)).isEqualTo(document);
    }

    @ParameterizedTest
    @MethodSource("examples")
    void anExampleComesBackFromAWorkbookAsItWas(String title) throws IOException, InterruptedException {
        for (String format : List.of("XLSX", "ODS")) {
            byte[] document = bytesOf("/worksheets/" + id(title) + "/export?format=" + format);
            Program.Answer brought = program.postBytes("/worksheets/import?name=lots." + format, document);
            assertThat(brought.status()).isEqualTo(201);
            assertThat(brought.body().get("told")).as(format).isEmpty();
            assertThat(json(brought.at("/worksheet/id"))).as(format).isEqualTo(json(id(title)));
            Program.Answer beginning = program.get("/worksheets/" + id(title) + "/export/beginning?format=" + format);
            assertThat(beginning.at("/beginning")).contains(" cells, ");
        }
    }

    private static byte[] bytesOf(String path) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(program.address(path))).build(), BodyHandlers.ofByteArray())
                .body();
    }

    @Test
    void aWorkbookComesInWithWhatItsFormulasAreWorthHere() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            var row = workbook.createSheet("Plan").createRow(0);
            String[] formulas = {"1+1", "2^3^2", "RTD(\"row\",A1)", "TODAY()"};
            double[] values = {2, 512, 7, 1};
            for (int i = 0; i < formulas.length; i++) {
                row.createCell(i).setCellFormula(formulas[i]);
                row.getCell(i).setCellValue(values[i]);
            }
            workbook.write(bytes);
        }
        String id = program.newWorksheet("Kettle");
        Program.Answer joined = program.postBytes("/worksheets/" + id + "/import?name=plan.xlsx", bytes.toByteArray());
        assertThat(joined.status()).isEqualTo(200);
        assertThat(joined.body().at("/compared/formulas").asInt()).isEqualTo(4);
        assertThat(joined.body().at("/compared/agree").asInt()).isEqualTo(1);
        assertThat(joined.body().at("/compared/changing").asInt()).isEqualTo(1);
        assertThat(joined.at("/compared/differ/0/grid")).isEqualTo("Plan");
        assertThat(joined.at("/compared/differ/0/cell")).isEqualTo("B1");
        assertThat(joined.at("/compared/differ/0/theirs")).isEqualTo("512");
        assertThat(joined.at("/compared/differ/0/ours")).isEqualTo("64");
        assertThat(joined.at("/compared/kept/0/why")).isEqualTo("There is no function RTD.");
        assertThat(shown(id)).contains("Plan.A1 2", "Plan.C1 7");
        program.post("/worksheets/" + id + "/undo", "{}");
        assertThat(shown(id)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"PK\u0003\u0004", "PK\u0003\u0004 xl/workbook.xml", "\u00d0\u00cf\u0011\u00e0 old", "%PDF-1.7"})
    void whatIsNoSpreadsheetIsRefusedInASentence(String document) {
        Program.Answer refused =
                program.postBytes("/worksheets/import?name=lots.xlsx", document.getBytes(StandardCharsets.ISO_8859_1));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/detail")).endsWith(".");
    }

    @ParameterizedTest
    @MethodSource("examples")
    void anExampleIsHandedOverInEachFormat(String title) {
        Map.of("HTML", "<h1>" + title, "MARKDOWN", "# " + title, "LATEX", "{" + title + "}", "CSV", ",")
                .forEach((format, part) -> assertThat(
                                program.text("/worksheets/" + id(title) + "/export?formulas=true&format=" + format))
                        .as(format)
                        .contains(part));
    }

    @Test
    void whatIsBroughtIntoAWorksheetIsOneChangeThatIsTakenBackWhole() {
        String id = program.newWorksheet("Kettle");
        program.type(id, 1, "grid-1", "A1", "room = 3");
        String before = json(id);
        Program.Answer joined = program.post("/worksheets/" + id + "/import", json(id("Cooling cup")));
        assertThat(joined.status()).isEqualTo(200);
        assertThat(joined.body().get("told").valueStream().map(JsonNode::asString))
                .contains("There was a name `room` already: this one is `room_1` here.");
        List<String> cup = shown(id("Cooling cup")).stream()
                .filter(cell -> !cell.contains("room"))
                .toList();
        assertThat(shown(id)).containsAll(cup);
        program.post("/worksheets/" + id + "/undo", "{}");
        assertThat(json(id)).isEqualTo(before);
        program.post("/worksheets/" + id + "/redo", "{}");
        assertThat(shown(id)).containsAll(cup);
    }

    @ParameterizedTest
    @ValueSource(strings = {"{", "[]", "{}", "null", "\"text\"", "{\"format\": 1}", "{\"format\": 99}"})
    void whatIsNoDocumentIsRefusedInASentenceAndLeavesNothingBehind(String body) {
        long before = program.get("/worksheets").body().size();
        Program.Answer refused = program.post("/worksheets/import", body);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/detail")).startsWith("This ").endsWith(".");
        String id = program.newWorksheet("Kettle");
        assertThat(program.post("/worksheets/" + id + "/import", body).status()).isEqualTo(422);
        assertThat(program.get("/worksheets/" + id).body().get("revision").asInt())
                .isEqualTo(1);
        program.delete("/worksheets/" + id);
        assertThat(program.get("/worksheets").body().size()).isEqualTo((int) before);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aTableOfValuesIsReadAskedAboutAndBroughtIn() {
        String table = "Lot,Arrived,Mass (kg)\nA,03/04/2027,3.5\nB,05/06/2027,4\n";
        Program.Answer read = program.postBytes("/worksheets/import/reading", bytes(table));
        assertThat(read.status()).isEqualTo(200);
        assertThat(read.at("/separator")).isEqualTo("COMMA");
        assertThat(read.at("/encoding")).isEqualTo("UTF_8");
        assertThat(read.at("/columns/2/unit")).isEqualTo("kg");
        assertThat(read.body().at("/columns/1/kind").isNull()).isTrue();
        assertThat(read.at("/beginning/0/2")).isEqualTo("3.5 kg");
        long before = program.get("/worksheets").body().size();
        Program.Answer refused = program.postBytes("/worksheets/import?name=lots.csv", bytes(table));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/detail"))
                .startsWith("It is not decided how column B (Arrived) is read. Choose whether");
        assertThat(program.get("/worksheets").body().size()).isEqualTo((int) before);
        Program.Answer brought =
                program.postBytes("/worksheets/import?name=lots.csv&kinds=B:DAY_FIRST&plain=C", bytes(table));
        assertThat(brought.status()).isEqualTo(201);
        assertThat(brought.at("/worksheet/title")).isEqualTo("lots");
        String id = brought.at("/worksheet/id");
        String grid = brought.at("/worksheet/sections/0/blocks/0/id");
        assertThat(program.shown(id, grid, "B2")).isEqualTo("2027-04-03");
        assertThat(program.shown(id, grid, "C1")).isEqualTo("Mass (kg)");
    }

    @Test
    void aTableBroughtIntoAWorksheetIsTakenBackInOneStep() {
        String id = program.newWorksheet("Kettle");
        Program.Answer joined = program.postBytes(
                "/worksheets/" + id + "/import?name=Grid 1.tsv".replace(" ", "%20"), bytes("a\tb\n1\t2\n"));
        assertThat(joined.status()).isEqualTo(200);
        assertThat(joined.at("/told/0")).contains("There was a grid `Grid 1` already");
        assertThat(program.get("/worksheets/" + id).body().get("sections")).hasSize(2);
        assertThat(program.post("/worksheets/" + id + "/undo", "{}").status()).isEqualTo(200);
        assertThat(program.get("/worksheets/" + id).body().get("sections")).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "kinds=B",
                "kinds=B:ROMAN",
                "kinds=:TEXT",
                "kinds=7:TEXT",
                "plain=$",
                "encoding=EBCDIC",
                "headings=maybe"
            })
    void aChoiceThatThereIsNotIsRefused(String query) {
        Program.Answer refused = program.postBytes("/worksheets/import/reading?" + query, bytes("a,b\n1,2\n"));
        assertThat(refused.status()).isBetween(400, 422);
        assertThat(refused.at("/detail")).endsWith(".");
    }

    @Test
    void bytesThatAreNoTextAreRefused() {
        byte[] bytes = new byte[5_000];
        new Random(7).nextBytes(bytes);
        URI target = URI.create(program.address("/worksheets/import"));
        assertThat(program.send(HttpRequest.newBuilder(target)
                                .header("content-type", "application/octet-stream")
                                .POST(HttpRequest.BodyPublishers.ofByteArray(bytes)))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aDocumentWithTheHistoryTellsTheChanges() {
        String id = program.newWorksheet("Kettle");
        program.type(id, 1, "grid-1", "A1", "3");
        assertThat(program.text("/worksheets/" + id + "/export?format=JSON&history=true"))
                .contains("\"history\"", "A1");
        assertThat(json(id)).doesNotContain("\"history\"");
    }

    @Test
    void theValuesOfAGridSayWhatOthersWouldTakeForFormulas() {
        String id = program.newWorksheet("Kettle");
        program.type(id, 1, "grid-1", "A1", "\"=1+1\"", "B1", "1.5");
        Program.Answer beginning = program.get("/worksheets/" + id + "/export/beginning?format=CSV");
        assertThat(beginning.at("/beginning")).isEqualTo("=1+1,1.5");
        assertThat(beginning.at("/told/0"))
                .isEqualTo("Other programs would take the text in A1 for a formula. Put an apostrophe in front.");
        Program.Answer guarded = program.get(
                "/worksheets/" + id + "/export/beginning?format=CSV&guarded=true&comma=true&separator=SEMICOLON");
        assertThat(guarded.at("/beginning")).isEqualTo("'=1+1;1,5");
        assertThat(guarded.body().get("told")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"format=PDFX", "format=", "", "format=CSV&separator=x", "format=CSV&comma=maybe"})
    void aChoiceThatThereIsNotIsABadRequest(String query) {
        String id = program.newWorksheet("Kettle");
        assertThat(program.get("/worksheets/" + id + "/export/beginning?" + query)
                        .status())
                .isEqualTo(400);
    }

    @Test
    void anEarlierStateIsHandedOverAsItWas() {
        String id = program.newWorksheet("Kettle");
        program.type(id, 1, "grid-1", "A1", "3");
        program.type(id, 2, "grid-1", "A1", "4");
        String csv = "/worksheets/" + id + "/export/beginning?format=CSV";
        assertThat(program.get(csv).at("/beginning")).isEqualTo("4");
        assertThat(program.get(csv + "&at=2").at("/beginning")).isEqualTo("3");
        assertThat(program.get(csv + "&at=99").status()).isEqualTo(404);
    }

    @Test
    void aCellFarOutIsRefusedAsATableAndHeldByJson() {
        String id = program.newWorksheet("Kettle");
        program.type(id, 1, "grid-1", "A1000000", "1", "ZZZ1", "2");
        Program.Answer refused = program.get("/worksheets/" + id + "/export/beginning?format=HTML");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/detail")).contains("reaches to ZZZ1000000");
        assertThat(json(id)).contains("\"ZZZ1\" : \"2\"");
    }

    @Test
    void aGridThatThereIsNotIsNotFound() {
        String id = program.newWorksheet("Kettle");
        assertThat(program.get("/worksheets/" + id + "/export/beginning?format=CSV&grid=g")
                        .status())
                .isEqualTo(404);
        assertThat(program.get("/worksheets/nowhere/export/beginning?format=CSV")
                        .status())
                .isEqualTo(404);
    }
}
