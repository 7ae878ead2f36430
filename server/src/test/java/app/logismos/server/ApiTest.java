package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The API over HTTP, against a real database file. */
class ApiTest {
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

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=5+2*3          | number | 11   | 11",
                "=(5+2)*3        | number | 21   | 21",
                "=2*4-3          | number | 5    | 5",
                "=3^2*(4+4)/2    | number | 36   | 36",
                "=0.1+0.2=0.3    | truth  | true | true",
                "=7!/(3!*2!*2!)  | number | 210  | 210",
                "=-2^2           | number | -4   | -4",
                "7/3             | number | 7/3  | 2.333333333", // without its sign too
            })
    void calculateAnswersWithTheResultAndTheSteps(String expression, String kind, String value, String display) {
        Program.Answer answer = program.calculate(expression);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/result/kind")).isEqualTo(kind);
        assertThat(answer.at("/result/value")).isEqualTo(value);
        assertThat(answer.at("/result/display")).isEqualTo(display);
        assertThat(answer.body().at("/result/exact").asBoolean()).isTrue();
        assertThat(answer.body().at("/error").isNull()).isTrue();
        JsonNode steps = answer.body().at("/steps");
        assertThat(steps.get(steps.size() - 1).at("/after").asString()).isEqualTo(value);
    }

    @Test
    void aResultCarriesItsForms() {
        Program.Answer answer = program.calculate("=7/3");
        assertThat(answer.at("/result/latex")).isEqualTo("\\frac{7}{3}");
        assertThat(answer.body().at("/result/approx").asDouble()).isEqualTo(7.0 / 3);
        assertThat(answer.body().at("/result/forms").toString())
                .isEqualTo(
                        "{\"fraction\":\"7/3\",\"mixed\":\"2 1/3\",\"repeating\":\"2.(3)\",\"scientific\":\"2.333333333e0\",\"engineering\":\"2.333333333e0\"}");
        assertThat(answer.body().at("/result/dropsDigits").asBoolean()).isTrue();
        assertThat(answer.body().at("/result/latexDropsDigits").asBoolean())
                .as("a fraction is whole")
                .isFalse();
        assertThat(program.calculate("=2.0000000001")
                        .body()
                        .at("/result/latexDropsDigits")
                        .asBoolean())
                .isTrue();
        assertThat(program.calculate("=0.5").body().at("/result/dropsDigits").asBoolean())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "=1/0, divide-by-zero, 3, 4, 0",
        "=sqrt(16, syntax, 5, 6, 1",
        "=2+*3, syntax, 3, 4, 2",
        "=10^10^10, too-large, 1, 9, 0",
        "=99999999!, too-large, 1, 9, 0",
    })
    void aFailedCalculationIsAFineRequestWithAnError(String expression, String code, int start, int end, int fixes) {
        Program.Answer answer = program.calculate(expression);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/result/kind")).isEqualTo("error");
        assertThat(answer.at("/error/code")).isEqualTo(code);
        assertThat(answer.body().at("/error/start").asInt()).isEqualTo(start);
        assertThat(answer.body().at("/error/end").asInt()).isEqualTo(end);
        assertThat(answer.body().at("/error/fixes").size()).isEqualTo(fixes);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}                                     | `expression` is missing or is not what belongs there.",
                "{\"expression\": 5, \"angle\": \"turns\"}  | `angle` is `radians` or `degrees`, was `turns`.",
                "{\"expression\": \"1\", \"style\": \"bold\"} | `style` is one of automatic",
                "{\"expression\":                       | It cannot be read.",
            })
    void aMalformedRequestIsAProblemWithASentence(String body, String detail) {
        Program.Answer answer = program.post("/calculate", body);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/detail")).startsWith(detail);
    }

    @Test
    void angleAndStyleAreSettings() {
        Program.Answer answer = program.post(
                "/calculate", "{\"expression\":\"=sin(30)\",\"angle\":\"degrees\",\"style\":\"fraction\"}");
        assertThat(answer.at("/result/display")).isEqualTo("1/2");
    }

    @Test
    void theCatalogueCarriesWhatTheGuideShows() {
        JsonNode functions = program.get("/functions").body();
        assertThat(functions.size()).isGreaterThanOrEqualTo(20);
        JsonNode log = functions
                .valueStream()
                .filter(each -> each.at("/name").asString().equals("log"))
                .findFirst()
                .orElseThrow();
        assertThat(log.at("/arguments/1/fallback").asString()).isEqualTo("10");
        assertThat(log.at("/examples/0/value").asString()).isEqualTo("3");
    }

    @Test
    void theCatalogueOfUnitsSaysWhatEachIs() {
        JsonNode units = program.get("/units").body();
        JsonNode pound = named(units, "symbol", "lb");
        assertThat(pound.at("/name").asString()).isEqualTo("pound");
        assertThat(pound.at("/factor").asString()).isEqualTo("45359237/100000000");
        assertThat(pound.at("/exact").asBoolean()).isTrue();
        assertThat(pound.at("/measures").asString()).isEqualTo("a mass");
        assertThat(pound.at("/ucum").asString()).isEqualTo("[lb_av]");
        assertThat(named(units, "symbol", "°C").at("/offset").asString()).isEqualTo("5463/20");
        assertThat(named(units, "symbol", "USD").at("/sample").asBoolean()).isTrue();
    }

    @Test
    void theStylesAreListedAsPeopleChooseThem() {
        JsonNode styles = program.get("/styles").body();
        assertThat(named(styles, "word", "fixed").at("/usual").asInt()).isEqualTo(2);
        assertThat(named(styles, "word", "percent").at("/usual").isNull()).isTrue();
        assertThat(named(styles, "word", "currency").at("/takes").asString()).isEqualTo("currency");
    }

    @Test
    void constantsCarryTheirUnitsAndSources() {
        JsonNode light = named(program.get("/constants").body(), "name", "c0");
        assertThat(light.at("/value/value").asString()).isEqualTo("299792458");
        assertThat(light.at("/value/unit").asString()).isEqualTo("m/s");
        assertThat(light.at("/source").asString()).isNotBlank();
    }

    @Test
    void aQuantityCarriesItsNumberAndItsUnit() {
        Program.Answer answer = program.post("/calculate", "{\"expression\":\"=1 mi\",\"style\":\"in km, fixed 2\"}");
        assertThat(answer.at("/result/kind")).isEqualTo("quantity");
        assertThat(answer.at("/result/value")).isEqualTo("25146/15625");
        assertThat(answer.at("/result/unit")).isEqualTo("km");
        assertThat(answer.at("/result/display")).isEqualTo("1.61 km");
        assertThat(program.calculate("=3 m + 2 kg").body().at("/error/start").asInt())
                .isEqualTo(5);
    }

    @Test
    void numbersTypedInAColumnWithAUnitTakeIt() {
        String id = program.newWorksheet("Columns");
        String grid = "{\"kind\":\"grid\",\"id\":\"grid-1\",\"title\":\"G\",\"rows\":4,\"columns\":2,\"headings\":1,"
                + "\"widths\":{},\"styles\":{\"B\":\"in kg\"}}";
        Program.Answer styled = program.post(
                "/worksheets/" + id + "/edits",
                "{\"base\":1,\"commands\":[{\"do\":\"changeBlock\",\"block\":" + grid + "}]}");
        assertThat(styled.status()).isEqualTo(200);
        program.type(id, 2, "grid-1", "B1", "7");
        program.type(id, 3, "grid-1", "B2", "12");
        program.type(id, 4, "grid-1", "B3", "500 g");
        program.type(id, 5, "grid-1", "A2", "12");
        JsonNode cells =
                program.get("/worksheets/" + id + "/grids/grid-1/cells").body().at("/cells");
        assertThat(named(cells, "address", "B1").at("/display").asString()).isEqualTo("7");
        assertThat(named(cells, "address", "B2").at("/entry").asString()).isEqualTo("12 kg");
        assertThat(named(cells, "address", "B3").at("/display").asString()).isEqualTo("0.5 kg");
        assertThat(named(cells, "address", "A2").at("/display").asString()).isEqualTo("12");
        JsonNode detail =
                program.get("/worksheets/" + id + "/grids/grid-1/cells/B3").body();
        assertThat(detail.at("/otherUnits")
                        .valueStream()
                        .map(each -> each.at("/display").asString()))
                .contains("0.5 kg", "1.102311311 lb");
    }

    private static JsonNode named(JsonNode list, String key, String value) {
        return list.valueStream()
                .filter(each -> each.at("/" + key).asString().equals(value))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + value + " in the list"));
    }

    @Test
    void theApiDescribesItself() {
        Program.Answer answer = program.send(
                HttpRequest.newBuilder(URI.create(program.address().replace("/api/v1", "/api/openapi.json"))));
        assertThat(answer.body().at("/paths").propertyNames())
                .contains(
                        "/api/v1/calculate",
                        "/api/v1/functions",
                        "/api/v1/worksheets/{id}/edits",
                        "/api/v1/worksheets/{id}/preview");
    }

    @ParameterizedTest
    @ValueSource(strings = {"http://elsewhere.example", "http://127.0.0.1:1", "null"})
    void aPageOfAnotherSiteIsRefused(String origin) {
        Program.Answer answer = program.send(HttpRequest.newBuilder(URI.create(program.address() + "/functions"))
                .header("Origin", origin));
        assertThat(answer.status()).isEqualTo(403);
    }

    @Test
    void aForeignHostNameIsRefused() throws IOException {
        URI address = URI.create(program.address());
        try (Socket socket = new Socket("127.0.0.1", address.getPort())) {
            socket.getOutputStream()
                    .write("GET /api/v1/functions HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            assertThat(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                    .startsWith("HTTP/1.1 403");
        }
    }

    @Test
    void theDemoWorksheetsAreThere() {
        assertThat(program.get("/worksheets")
                        .body()
                        .valueStream()
                        .map(each -> each.at("/title").asString()))
                .contains("Cooling cup", "First steps", "Spring blend");
    }

    @Test
    void noCellOfTheDemoFails() {
        program.get("/worksheets").body().valueStream().forEach(listed -> {
            String id = listed.at("/id").asString();
            program.get("/worksheets/" + id)
                    .body()
                    .at("/sections")
                    .valueStream()
                    .flatMap(section -> section.at("/blocks").valueStream())
                    .filter(block -> block.at("/kind").asString().equals("grid"))
                    .map(block -> program.get(
                            "/worksheets/" + id + "/grids/" + block.at("/id").asString() + "/cells"))
                    .flatMap(answer -> answer.body().at("/cells").valueStream())
                    .forEach(cell -> assertThat(cell.at("/error").isNull())
                            .as(cell.toString())
                            .isTrue());
        });
    }

    @Test
    void anEditAnswersWithTheCellsThatChangedAndTheEcho() {
        String id = program.newWorksheet("Blend");
        program.type(id, 1, "grid-1", "A1", "Tax", "B1", "20%", "B2", "=B1*2", "C1", "=1+1");
        Program.Answer answer = program.type(id, 2, "grid-1", "B1", "22%");
        assertThat(answer.body().at("/revision").asInt()).isEqualTo(3);
        assertThat(answer.body()
                        .at("/changed")
                        .valueStream()
                        .map(cell -> cell.at("/address").asString()))
                .containsExactlyInAnyOrder("B1", "B2");
        assertThat(answer.at("/echo/message")).isEqualTo("Tax · B1: 20 % → 22 %: 1 result changed");
        assertThat(answer.at("/echo/results/0/before")).isEqualTo("0.4");
    }

    @Test
    void editsOnAnOlderStateAreMergedUnlessTheyTouchTheSameCells() {
        String id = program.newWorksheet("Two hands");
        program.type(id, 1, "grid-1", "A1", "1");
        assertThat(program.type(id, 1, "grid-1", "A2", "2").status()).isEqualTo(200);
        Program.Answer refused = program.type(id, 1, "grid-1", "A1", "9");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.at("/cells/0/now")).isEqualTo("1");
        assertThat(refused.at("/cells/0/yours")).isEqualTo("9");
        assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "[{\"do\":\"enter\",\"grid\":\"zz\",\"cells\":[{\"cell\":\"A1\",\"text\":\"1\"}]}] | 422 | There is no grid zz.",
                "[{\"do\":\"enter\",\"grid\":\"grid-1\",\"cells\":[{\"cell\":\"11\",\"text\":\"1\"}]}] | 400 | `commands.0.cells.0.cell` is missing",
                "[{\"do\":\"jump\"}] | 400 | `commands.0` is missing",
                "[] | 422 | There is no edit",
            })
    void anEditThatDoesNotFitIsRefusedAndChangesNothing(String commands, int status, String detail) {
        String id = program.newWorksheet("Untouched");
        Program.Answer answer =
                program.post("/worksheets/" + id + "/edits", "{\"base\":1,\"commands\":" + commands + "}");
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.at("/detail")).startsWith(detail);
        assertThat(program.get("/worksheets/" + id).body().at("/revision").asInt())
                .isEqualTo(1);
    }

    @Test
    void whatIsNotThereIsNotFound() {
        assertThat(program.get("/worksheets/none").status()).isEqualTo(404);
        String id = program.newWorksheet("Almost empty");
        assertThat(program.get("/worksheets/" + id + "/grids/zz/cells").at("/detail"))
                .isEqualTo("There is no grid zz.");
        assertThat(program.get("/worksheets/" + id + "/charts/zz").status()).isEqualTo(404);
        assertThat(program.get("/worksheets/" + id + "/grids/grid-1/cells/11").status())
                .isEqualTo(400);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1+", "-", "√", "2^", "(1)*"})
    void theLongestEntriesAreKeptShownPreviewedAndFoundAgain(String repeated) {
        String id = program.newWorksheet("Long");
        String entry = "=" + repeated.repeat(8_190 / repeated.length()) + "1";
        assertThat(program.type(id, 1, "grid-1", "B1", entry).status()).isEqualTo(200);
        Program.Answer detail = program.get("/worksheets/" + id + "/grids/grid-1/cells/B1");
        assertThat(detail.status()).isEqualTo(200);
        assertThat(detail.at("/cell/entry")).isEqualTo(entry);
        String draft = "{\"grid\":\"grid-1\",\"address\":\"B2\",\"entry\":\"" + entry + "\"}";
        assertThat(program.post("/worksheets/" + id + "/preview", draft).status())
                .isEqualTo(200);
        assertThat(program.post("/worksheets/" + id + "/undo", "").status()).isEqualTo(200);
        assertThat(program.post("/worksheets/" + id + "/redo", "").status()).isEqualTo(200);
    }

    @Test
    void theColumnOfACellIsOfItsTableWithoutHeadingsAndTotals() {
        String id = program.newWorksheet("Boxes");
        program.type(id, 1, "grid-1", "A1", "Box", "B1", "Mass", "A2", "small", "B2", "2", "A3", "large", "B3", "5");
        program.type(id, 2, "grid-1", "A4", "together", "B4", "=sum(B2:B3)");
        JsonNode column = program.get("/worksheets/" + id + "/grids/grid-1/cells/B3/column")
                .body();
        assertThat(column.at("/range").asString()).isEqualTo("B2:B3");
        assertThat(column.at("/cells")
                        .valueStream()
                        .map(cell -> cell.at("/display").asString()))
                .containsExactly("2", "5");
        assertThat(program.get("/worksheets/" + id + "/grids/grid-1/cells/B8/column")
                        .body()
                        .at("/range")
                        .asString())
                .isEqualTo("B2:B3");
        assertThat(program.get("/worksheets/" + id + "/grids/grid-1/cells/G9/column")
                        .body()
                        .at("/cells")
                        .isEmpty())
                .isTrue();
    }

    @Test
    void aTableIsLaidOutAndItsGridIsLargeEnough() {
        String id = program.newWorksheet("Laid out");
        program.type(id, 1, "grid-1", "A1", "=series(1, 20)", "B1", "=sum(A1:A20)");
        assertThat(program.shown(id, "grid-1", "B1")).isEqualTo("210");
        assertThat(program.shown(id, "grid-1", "A20")).isEqualTo("20");
        JsonNode cells = program.get("/worksheets/" + id + "/grids/grid-1/cells?range=A19:A20")
                .body()
                .at("/cells");
        assertThat(cells.valueStream().map(cell -> cell.at("/from").asString())).containsExactly("A1", "A1");
        assertThat(program.get("/worksheets/" + id)
                        .body()
                        .at("/sections/0/blocks/0/rows")
                        .asInt())
                .isEqualTo(20);
    }

    @Test
    void aDeletedWorksheetIsGone() {
        String id = program.newWorksheet("Short-lived");
        program.type(id, 1, "grid-1", "A1", "1");
        assertThat(program.delete("/worksheets/" + id).status()).isEqualTo(204);
        assertThat(program.get("/worksheets/" + id).status()).isEqualTo(404);
    }

    @Test
    void aMillionCellRangeAnswers() {
        String id = program.newWorksheet("Wide");
        program.type(id, 1, "grid-1", "A1", "=sum(B1:CW10000)", "C9", "4");
        assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("4");
        Program.Answer answer = program.type(id, 2, "grid-1", "A2", "=B1:CX10000*2");
        assertThat(answer.at("/changed/0/error/code")).isEqualTo("too-large");
    }
}
