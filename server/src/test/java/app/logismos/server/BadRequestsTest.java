package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.server.Program.Answer;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Each call says in a sentence what is wrong with a request, and the worksheet stays as it was. */
class BadRequestsTest {
    private static final String NOT_JSON =
            " The body of the request is not the JSON that this call takes; see /api/openapi.json.";

    @TempDir
    static Path data;

    private static Program program;
    private static String id;

    @BeforeAll
    static void start() {
        program = Program.start(data, false);
        id = program.newWorksheet("Blend");
        program.type(id, 1, "grid-1", "A1", "12", "A2", "=A1*2", "B1", "River red");
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    private static Answer ask(String method, String path, String body) {
        return program.send(HttpRequest.newBuilder(URI.create(program.address() + path.replace("{id}", id)))
                .header("content-type", "application/json")
                .method(
                        method,
                        body == null
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body)));
    }

    private static JsonNode seen() {
        return program.get("/worksheets/" + id + "/grids/grid-1/cells").body();
    }

    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "POST   | /worksheets                     | {'title': ''}                     | 400 | A title has 1 to 120 characters, this one has 0.",
                "POST   | /worksheets                     | {'title': 'x', 'copyOf': 'none'}  | 404 | There is no worksheet none.",
                "PATCH  | /worksheets/{id}                | {'title': '  '}                   | 400 | A title has 1 to 120 characters, this one has 2.",
                "PATCH  | /worksheets/none                | {'title': 'x'}                    | 404 | There is no worksheet none.",
                "GET    | /worksheets/none                |                                   | 404 | There is no worksheet none.",
                "GET    | /worksheets/{id}?at=99          |                                   | 404 | This worksheet has changes 0 to 2, and 99 is none of them.",
                "GET    | /worksheets/{id}?at=-1          |                                   | 404 | This worksheet has changes 0 to 2, and -1 is none of them.",
                "GET    | /worksheets/{id}?at=yesterday   |                                   | 400 | `at` cannot be `yesterday`.",
                "GET    | /worksheets/{id}/compare/99     |                                   | 404 | This worksheet has changes 0 to 2, and 99 is none of them.",
                "POST   | /worksheets/{id}/restore        | {'revision': 99}                  | 404 | This worksheet has changes 0 to 2, and 99 is none of them.",
                "POST   | /worksheets/{id}/restore        | {'revision': 2}                   | 422 | It is as it was then already.",
                "POST   | /worksheets/{id}/redo           |                                   | 422 | There is nothing to redo.",
                "GET    | /worksheets/{id}/grids/g9/cells |                                   | 404 | There is no grid g9.",
                "GET    | /worksheets/{id}/grids/grid-1/cells/ZZZZ9 |                         | 400 | An address is like B3, was `ZZZZ9`.",
                "GET    | /worksheets/{id}/charts/none    |                                   | 404 | There is no chart none.",
                "POST   | /worksheets/{id}/charts/none/run | {'input': 'x', 'from': '1', 'to': '2', 'count': 3} | 404 | There is no chart none.",
                "POST   | /worksheets/{id}/edits          | {'base': 2, 'commands': []}       | 422 | There is no edit in `commands`.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'sort', 'grid': 'g9', 'area': 'A1:B2', 'by': 0, 'descending': false}} | 422 | There is no grid g9.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'sort', 'grid': 'grid-1', 'area': 'A1:A2', 'by': 7, 'descending': false}} | 422 | A1:A2 is sorted by one of its own columns.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'filter', 'grid': 'g9', 'row': 0, 'column': 0, 'holds': [], 'like': []}} | 422 | There is no grid g9.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'filter', 'grid': 'grid-1', 'row': 0, 'column': 0, 'holds': [], 'like': [-1]}} | 422 | There is no row 0 whose value could be looked for.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'readAs', 'grid': 'g9', 'area': 'A1', 'kind': 'TEXT'}} | 422 | There is no grid g9.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'addUp', 'grid': 'g9', 'area': 'A1', 'axis': null}} | 422 | There is no grid g9.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'fixRanges', 'grid': 'grid-1', 'at': 'D4'}} | 422 | No range slides off its table in D4.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'clear', 'grid': 'grid-1', 'area': 'D4'}} | 422 | There is nothing in D4 to clear.",
                "POST   | /worksheets/{id}/acts           | {'act': {'do': 'fillTable', 'grid': 'grid-1', 'area': 'A1'}} | 422 | A table has a row and a column of headings and cells between them. Select all of it.",
                "DELETE | /worksheets/none                |                                   | 404 | There is no worksheet none.",
                "POST   | /worksheets/none/bring-back     |                                   | 404 | There is no worksheet none.",
                "POST   | /calculate                      | {'expression': '=1', 'angle': 'turns'} | 400 | `angle` is `radians` or `degrees`, was `turns`.",
                "PUT    | /worksheets/{id}                | {}                                | 405 | Method 'PUT' is not supported.",
            })
    void aRequestThatDoesNotFitIsRefusedWithASentence(
            String method, String path, String body, int status, String detail) {
        JsonNode before = seen();
        Answer answer = ask(method, path, body == null ? null : body.replace('\'', '"'));
        assertThat(answer.at("/detail")).isEqualTo(detail);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(seen()).isEqualTo(before);
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "/worksheets               | {}                                    | `title` is missing or is not what belongs there.",
                "/worksheets               | {'title': {}}                         | `title` is missing or is not what belongs there.",
                "/worksheets/{id}/restore  | {}                                    | `revision` is missing or is not what belongs there.",
                "/worksheets/{id}/acts     | {}                                    | `act` is missing or is not what belongs there.",
                "/worksheets/{id}/acts     | {'act': {'do': 'dance'}}              | `act` is missing or is not what belongs there.",
                "/worksheets/{id}/acts     | {'act': {'do': 'goOn', 'grid': 'grid-1', 'area': 'A1', 'axis': 'SIDE'}} | `act.axis` is missing or is not what belongs there.",
                "/worksheets/{id}/acts     | {'act': {'do': 'clear', 'grid': 'grid-1', 'area': 'A1;B2'}} | `act.area` is missing or is not what belongs there.",
                "/worksheets/{id}/edits    | {'base': 2, 'commands': [{'do': 'enter', 'grid': 'grid-1', 'cells': [{'cell': 'A0', 'text': '1'}]}]} | `commands.0.cells.0.cell` is missing or is not what belongs there.",
                "/worksheets/{id}/edits    | []                                    | It cannot be read.",
                "/worksheets/{id}/edits    | {                                     | It cannot be read.",
                "/calculate                | {'expression': null}                  | `expression` is missing or is not what belongs there.",
                "/calculate                | {'expression': '=1', 'angle': 3.5}    | `angle` is `radians` or `degrees`, was `3.5`.",
                "/worksheets/{id}/preview  | {}                                    | `grid` is missing or is not what belongs there.",
            })
    void aBodyThatIsNotTheOneWantedIsNamedByItsPlace(String path, String body, String detail) {
        JsonNode before = seen();
        Answer answer = ask("POST", path, body.replace('\'', '"'));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/detail")).startsWith(detail);
        assertThat(answer.at("/detail").substring(detail.length())).isIn("", NOT_JSON);
        assertThat(seen()).isEqualTo(before);
    }

    @Test
    void whatIsReadBeyondTheGridIsNothing() {
        assertThat(program.get("/worksheets/" + id + "/grids/grid-1/cells/Z99").at("/cell/kind"))
                .isEqualTo("empty");
    }

    /** What the contract says of a number holds: its ends are taken, what is beyond them is told. */
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "commands.0.count         | 1 | 1000000 | {'do': 'insertLines', 'grid': 'grid-1', 'axis': 'ROWS', 'at': 0, 'count': #}",
                "commands.0.at            | 0 | 1000000 | {'do': 'deleteLines', 'grid': 'grid-1', 'axis': 'ROWS', 'at': #, 'count': 1}",
                "commands.0.block.rows    | 1 | 1000000 | {'do': 'addBlock', 'section': 'section-1', 'at': 0, 'block': {'kind': 'grid', 'id': 'g', 'title': 'G', 'rows': #, 'columns': 1}}",
                "commands.0.block.columns | 1 | 18278   | {'do': 'addBlock', 'section': 'section-1', 'at': 0, 'block': {'kind': 'grid', 'id': 'g', 'title': 'G', 'rows': 1, 'columns': #}}",
                "commands.0.block.headings| 0 | 100     | {'do': 'addBlock', 'section': 'section-1', 'at': 0, 'block': {'kind': 'chart', 'id': 'c', 'title': '', 'grid': 'grid-1', 'headings': #}}",
            })
    void aNumberBeyondItsRangeIsToldWithItsPlace(String place, long least, long most, String edit) {
        JsonNode before = seen();
        for (long beyond : new long[] {least - 1, most + 1}) {
            Answer answer = ask(
                    "POST",
                    "/worksheets/{id}/edits",
                    "{\"base\": 0, \"commands\": [" + edit.replace("'", "\"").replace("#", String.valueOf(beyond))
                            + "]}");
            assertThat(answer.status()).isEqualTo(400);
            assertThat(answer.at("/detail"))
                    .startsWith("`" + place + "` is " + least + " to " + most + ", was " + beyond + ".");
        }
        assertThat(seen()).isEqualTo(before);
    }
}
