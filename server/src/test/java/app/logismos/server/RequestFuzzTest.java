package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests nobody thought of, for every call of the HTTP description: bodies that are right but for a part, and bodies that
 * are no JSON. None is answered with a failure of the program's own, and none is waited for long. Runs for
 * {@code logismos.fuzz.seconds}, 20 unless said otherwise.
 */
class RequestFuzzTest {
    private static final Duration TIME =
            Duration.ofSeconds(Long.parseLong(System.getProperty("logismos.fuzz.seconds", "20")));

    /** A calculation has 2 seconds; a busy machine takes its time besides. */
    private static final Duration LONGEST = Duration.ofSeconds(Integer.getInteger("logismos.fuzz.longest", 30));

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final String[] BODIES = {
        "{'base':1,'commands':[{'do':'enter','grid':'grid-1','cells':[{'cell':'A1','text':'=2*3'}]}]}",
        "{'base':1,'commands':[{'do':'define','name':'width','target':{'grid':'grid-1','area':'A1:B2'}}]}",
        "{'base':1,'commands':[{'do':'addSection','section':{'id':'s2','title':'T','folded':false,'isPart':false,'blocks':[]},'at':1}]}",
        "{'base':1,'commands':[{'do':'addBlock','section':'section-1','block':{'kind':'note','id':'n1','text':'x','beside':false},'at':0}]}",
        "{'base':1,'commands':[{'do':'addBlock','section':'section-1','block':{'kind':'chart','id':'c1','title':'C','grid':'grid-1','across':'A1:A3','series':[{'source':{'of':'cells','area':'B1:B3'},'name':'','shape':'LINE','onRight':false,'errors':null,'look':{},'fit':'LINE'}]},'at':0}]}",
        "{'base':1,'commands':[{'do':'insertLines','grid':'grid-1','axis':'ROWS','at':1,'count':2},{'do':'moveCells','grid':'grid-1','area':'A1:B2','toGrid':'grid-1','to':'C3'}]}",
        "{'base':1,'commands':[{'do':'copyCells','grid':'grid-1','area':'A1','toGrid':'grid-1','into':'B1:B9'},{'do':'orderRows','grid':'grid-1','area':'A1:B3','order':[2,0,1]}]}",
        "{'base':1,'commands':[{'do':'changeSettings','settings':{'degrees':true,'comma':true,'grouped':false,'dropped':true,'complex':false,'style':'fixed 2'}}]}",
        "{'base':1,'commands':[{'do':'rename','name':'width','to':'height'},{'do':'retitle','title':'x'}]}",
        "{'act':{'do':'continue','grid':'grid-1','area':'A1:A2','into':'A1:A9'}}",
        "{'act':{'do':'series','grid':'grid-1','at':'A1','axis':'ROWS','first':'1','step':'2','last':'9','count':null}}",
        "{'act':{'do':'sort','grid':'grid-1','area':'A1:B8','by':1,'descending':true}}",
        "{'act':{'do':'tabulate','section':'section-1','id':'t1','title':'T','grid':'grid-1','expression':'x^2','first':{'name':'x','from':'1','to':'5','step':'1','count':null,'cells':null},'second':null}}",
        "{'act':{'do':'replace','grid':null,'find':'a','with':'b','matchCase':false}}",
        "{'act':{'do':'putFit','chart':'c1','series':0,'id':'f1'}}",
        "{'act':{'do':'fillTable','grid':'grid-1','area':'A1:C3'}}",
        "{'act':{'do':'nameByLabels','grid':'grid-1','area':'A1:B3'}}",
        "{'grid':'grid-1','address':'A1','entry':'=sum(A1:A9)','cursor':4}",
        "{'expression':'=7/3','angle':'degrees','style':'fixed 2'}",
        "{'title':'T','copyOf':null}",
        "{'entry':'2+3','display':'5','exact':true,'value':'5'}",
        "{'input':'A1','from':'1','to':'9','count':5}",
        "{'revision':1}",
        "[{'code':'XAB','name':'x','plural':'xs','euros':'1.5'}]",
    };

    private static final String[] ODD = {
        "null",
        "-1",
        "0",
        "1e999",
        "2147483648",
        "\"\"",
        "\"\\ud800\"",
        "\"A1\"",
        "\"ZZZ9999999\"",
        "[]",
        "{}",
        "[null]",
        "true",
        "\"" + "x".repeat(9_000) + "\"",
        "1.5",
        "\"=1/0\"",
        "\"=acos(tanh(50))\"",
        "\"grid-9\"",
        "\"\\u0000\"",
        "99999999999999999999",
        "\"=9^9^9\"",
        "\"A1:XFD1000000\"",
        "[[[[[[]]]]]]",
    };

    @TempDir
    static Path data;

    private static Program program;
    private static String id;
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    @BeforeAll
    static void start() {
        program = Program.start(data, false);
        id = program.newWorksheet("Fuzz");
        program.type(id, 1, "grid-1", "A1", "1", "A2", "2", "A3", "4", "B1", "2", "B2", "5", "B3", "9");
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    private record Call(String method, String path) {}

    private static List<Call> calls() throws Exception {
        URI described = URI.create(program.address().replace("/v1", "/openapi.json"));
        JsonNode paths = JSON.readTree(
                        CLIENT.send(HttpRequest.newBuilder(described).build(), HttpResponse.BodyHandlers.ofString())
                                .body())
                .at("/paths");
        List<Call> calls = new ArrayList<>();
        paths.properties()
                .forEach(path -> path.getValue().properties().forEach(call -> {
                    // A stream of events has no end.
                    if (!path.getKey().endsWith("/events")) {
                        calls.add(new Call(call.getKey().toUpperCase(java.util.Locale.ROOT), path.getKey()));
                    }
                }));
        return calls;
    }

    @Test
    void noRequestIsAnsweredWithAFailureOfTheProgram() throws Exception {
        List<Call> calls = calls();
        assertThat(calls).hasSizeGreaterThan(20);
        long seed = Long.getLong("logismos.fuzz.seed", System.nanoTime());
        Random random = new Random(seed);
        int threads = Thread.activeCount();
        Instant end = Instant.now().plus(TIME);
        int sent = 0;
        while (Instant.now().isBefore(end)) {
            Call call = calls.get(random.nextInt(calls.size()));
            String path = filled(call.path(), random);
            String body = body(random);
            HttpRequest.Builder request = HttpRequest.newBuilder(
                            URI.create(program.address().replace("/api/v1", "") + path))
                    .timeout(LONGEST)
                    .header("content-type", random.nextInt(12) == 0 ? "multipart/form-data" : "application/json");
            boolean hasBody = !call.method().equals("GET") && !call.method().equals("DELETE");
            request.method(
                    call.method(),
                    hasBody
                            ? HttpRequest.BodyPublishers.ofString(body, StandardCharsets.UTF_8)
                            : HttpRequest.BodyPublishers.noBody());
            if (call.method().equals("DELETE") && path.endsWith(id)) {
                continue; // the worksheet is still needed
            }
            HttpResponse<String> answer = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
            assertThat(answer.statusCode())
                    .as(
                            "seed %s: %s %s %s is answered %s",
                            seed, call.method(), path, beginning(body), beginning(answer.body()))
                    .isLessThan(500);
            sent++;
        }
        assertThat(sent).isPositive();
        assertThat(Thread.activeCount()).as("threads afterwards").isLessThan(threads + 60);
    }

    private static String beginning(String text) {
        return text.substring(0, Math.min(600, text.length()));
    }

    private static String filled(String path, Random random) {
        String filled = path.replace("{id}", random.nextInt(9) == 0 ? "none" : id)
                .replace("{grid}", random.nextInt(9) == 0 ? "g-9" : "grid-1")
                .replace("{chart}", "c1")
                .replace("{address}", pick(random, "A1", "ZZZ1000000", "x", "A0"))
                .replace("{cell}", pick(random, "A1", "ZZZ1000000", "x", "A0"))
                .replace("{revision}", pick(random, "0", "1", "-1", "9999999999", "x"));
        return filled.replaceAll("\\{[^}]*}", "x")
                + pick(
                        random,
                        "",
                        "",
                        "?at=1",
                        "?at=-5",
                        "?range=A1:B9&at=2",
                        "?range=x",
                        "?text=a&matchCase=yes",
                        "?text=2",
                        "?columns=-1",
                        "?columns=99999999&from=1&to=0&low=1&high=1",
                        "?from=NaN&to=Infinity&columns=5&low=0&high=1");
    }

    private static String pick(Random random, String... some) {
        return some[random.nextInt(some.length)];
    }

    private static String body(Random random) {
        String body = BODIES[random.nextInt(BODIES.length)].replace('\'', '"');
        switch (random.nextInt(5)) {
            case 0:
                return body;
            case 1:
                int cut = random.nextInt(body.length());
                return body.substring(0, cut)
                        + pick(random, "", "}", "\u0000", "\"", "[")
                        + body.substring(Math.min(body.length(), cut + random.nextInt(4)));
            default:
                JsonNode tree = JSON.readTree(body);
                for (int i = random.nextInt(3); i >= 0; i--) {
                    mutate(tree, random);
                }
                return tree.toString();
        }
    }

    /** Puts something odd in the place of one part, takes it away, or doubles it. */
    private static void mutate(JsonNode tree, Random random) {
        List<JsonNode> holders = new ArrayList<>();
        collect(tree, holders);
        JsonNode holder = holders.get(random.nextInt(holders.size()));
        JsonNode odd = JSON.readTree(ODD[random.nextInt(ODD.length)]);
        if (holder instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = new ArrayList<>(object.propertyNames());
            String name = names.get(random.nextInt(names.size()));
            if (random.nextInt(4) == 0) {
                object.remove(name);
            } else {
                object.set(name, odd);
            }
        } else if (holder instanceof ArrayNode array) {
            array.add(odd);
        }
    }

    private static void collect(JsonNode node, List<JsonNode> holders) {
        if (node.isContainer()) {
            holders.add(node);
            node.forEach(each -> collect(each, holders));
        }
    }
}
