package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Requests of those who mean no good, or are slow. */
class StrangersTest {
    @TempDir
    static Path data;

    private static Program program;
    private static String id;

    @BeforeAll
    static void start() {
        program = Program.start(data, false);
        id = program.newWorksheet("Strangers");
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    private static int port() {
        return URI.create(program.address()).getPort();
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/worksheet/x", "/api/v1/worksheets", "/api/v1/nothing", "/nothing.js", "/error"})
    void everyAnswerSaysWhatABrowserMayDo(String path) throws Exception {
        HttpResponse<Void> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + path))
                                .build(),
                        HttpResponse.BodyHandlers.discarding());
        assertThat(answer.headers().firstValue("content-security-policy").orElse(""))
                .contains("default-src 'self'", "script-src 'self'", "frame-ancestors 'none'", "object-src 'none'")
                .doesNotContain("unsafe-eval");
        assertThat(answer.headers().firstValue("x-content-type-options")).contains("nosniff");
        assertThat(answer.headers().firstValue("referrer-policy")).contains("no-referrer");
        assertThat(answer.headers().firstValue("permissions-policy")).isPresent();
        assertThat(answer.headers().firstValue("cross-origin-opener-policy")).contains("same-origin");
        assertThat(answer.statusCode()).isLessThan(500);
    }

    @Test
    void twoHundredBodiesThatDoNotComeBlockNobody() throws IOException {
        List<Socket> waiting = new ArrayList<>();
        try {
            for (int i = 0; i < 250; i++) {
                Socket socket = new Socket("127.0.0.1", port());
                waiting.add(socket);
                OutputStream out = socket.getOutputStream();
                out.write(("POST /api/v1/calculate HTTP/1.1\r\nHost: 127.0.0.1:" + port()
                                + "\r\nContent-Type: application/json\r\nContent-Length: 100\r\n\r\n{\"exp")
                        .getBytes(StandardCharsets.US_ASCII));
                out.flush();
            }
            assertThat(program.calculate("=5+2*3").at("/result/value")).isEqualTo("11");
        } finally {
            for (Socket socket : waiting) {
                socket.close();
            }
        }
    }

    @Test
    void aBodyPastTheBoundIsRefused() {
        Program.Answer answer = program.post("/calculate", "{\"expression\":\"" + "1".repeat(17 << 20) + "\"}");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.at("/detail")).isEqualTo("The body of a request has 16 MiB at the most.");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "copy     | {'base':1,'commands':[{'do':'copyCells','grid':'grid-1','area':'A1','toGrid':'grid-1','into':'A1:ZZ1000000'}]} | edits | 422",
                "continue | {'act':{'do':'continue','grid':'grid-1','area':'A1:Z1','into':'A1:Z1000000'}} | acts | 422",
                "fill     | {'act':{'do':'fillTable','grid':'grid-1','area':'A1:ZZZ1000000'}} | acts | 422",
                "go on    | {'act':{'do':'goOn','grid':'grid-1','area':'A1:ZZZ1000000','axis':'ROWS'}} | acts | 422",
                "read as  | {'act':{'do':'readAs','grid':'grid-1','area':'A1:ZZZ1000000','kind':'NUMBERS'}} | acts | 422",
                "add up   | {'act':{'do':'addUp','grid':'grid-1','area':'A1:ZZZ1000000','axis':null}} | acts | 422",
                "sort     | {'act':{'do':'sort','grid':'grid-1','area':'A1:ZZZ1000000','by':0,'descending':false}} | acts | 422",
                "series   | {'act':{'do':'series','grid':'grid-1','at':'A1','axis':'ROWS','first':'1','step':'1','last':null,'count':2000000}} | acts | 422",
                "insert   | {'base':1,'commands':[{'do':'insertLines','grid':'grid-1','axis':'ROWS','at':0,'count':2000000000}]} | edits | 400",
                "rows     | {'base':1,'commands':[{'do':'changeBlock','block':{'kind':'grid','id':'grid-1','title':'G','rows':2000000,'columns':5,'headings':0,'widths':{},'styles':{},'remarks':{},'hiddenRows':[],'hiddenColumns':[],'beside':false,'tabulation':null}}]} | edits | 400",
                "widths   | {'base':1,'commands':[{'do':'changeBlock','block':{'kind':'grid','id':'grid-1','title':'G','rows':8,'columns':5,'headings':0,'widths':{'0':-5},'styles':{},'remarks':{},'hiddenRows':[],'hiddenColumns':[],'beside':false,'tabulation':null}}]} | edits | 422",
                "headings | {'base':1,'commands':[{'do':'changeBlock','block':{'kind':'grid','id':'grid-1','title':'G','rows':8,'columns':5,'headings':-1,'widths':{},'styles':{},'remarks':{},'hiddenRows':[],'hiddenColumns':[],'beside':false,'tabulation':null}}]} | edits | 400",
            })
    void whatWouldWriteTooMuchOrMakesNoSenseIsRefused(String name, String body, String call, int status) {
        Program.Answer answer = program.post("/worksheets/" + id + "/" + call, body.replace('\'', '"'));
        assertThat(answer.status()).as(answer.at("/detail")).isEqualTo(status);
        assertThat(answer.at("/detail")).isNotEmpty();
    }

    @Test
    void tooManyCommandsAreRefused() {
        String command = "{\"do\":\"retitle\",\"title\":\"x\"}";
        Program.Answer answer = program.post(
                "/worksheets/" + id + "/edits",
                "{\"base\":1,\"commands\":[" + command + ("," + command).repeat(10_000) + "]}");
        assertThat(answer.status()).isEqualTo(422);
    }

    @Test
    void aTextWithHalfACharacterIsRefused() {
        assertThat(program.post("/calculate", "{\"expression\":\"=1\\ud800\"}").status())
                .isEqualTo(400);
    }
}
