package app.logismos.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The program with many stored worksheets of 500 cells: from the start to the first answer, the start page, and the
 * memory in use after many of them were opened one after another. Arguments: the program's jar, how many are stored
 * (10,000), how many are opened (500).
 */
final class ManyWorksheets {
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final Pattern USED = Pattern.compile("used (\\d+)K");
    private static final String START_PAGE = "/api/v1/worksheets?example=false&count=60";
    private static final int ROWS = 250;
    private static final int WRITERS = 2;
    private static final int TIMES = 7;

    private final HttpClient client = HttpClient.newHttpClient();
    private final String jar;
    private final Path data;
    private final int port;

    private ManyWorksheets(String jar) throws IOException {
        this.jar = jar;
        this.data = Files.createTempDirectory("worksheets");
        try (ServerSocket free = new ServerSocket(0)) {
            this.port = free.getLocalPort();
        }
    }

    public static void main(String[] arguments) throws Exception {
        ManyWorksheets bench = new ManyWorksheets(arguments[0]);
        int stored = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 10_000;
        int opened = arguments.length > 2 ? Integer.parseInt(arguments[2]) : 500;
        try {
            bench.measure(stored, opened);
        } finally {
            bench.delete();
        }
    }

    private void measure(int stored, int opened) throws Exception {
        long emptyStart = startAndStop();
        Process filling = start();
        fill(stored);
        stop(filling);
        say("%d worksheets of %d cells stored in %,d KB%n", stored, 2 * ROWS, size() / 1024);
        say("start to first answer: %d ms, and %d ms with none stored%n", startAndStop(), emptyStart);

        Process program = start();
        long begin = System.nanoTime();
        int bytes = get(START_PAGE).length();
        long first = (System.nanoTime() - begin) / 1_000_000;
        say("start page: %d ms the first time, then %d ms, %,d KB%n", first, median(START_PAGE), bytes / 1024);
        List<String> ids = ids(get("/api/v1/worksheets"));
        say("none opened: %,d KB in use%n", used(program));
        for (int open = 1; open <= opened; open++) {
            look(ids.get(open - 1));
            if (open % (opened / 5) == 0) {
                say("opened %d: %,d KB in use%n", open, used(program));
            }
        }
        say(
                "one of them opened again: %d ms%n",
                median("/api/v1/worksheets/" + ids.get(0) + "/grids/grid-1/cells?from=1&to=60"));
        stop(program);
    }

    private void look(String id) throws Exception {
        get("/api/v1/worksheets/" + id);
        get("/api/v1/worksheets/" + id + "/grids/grid-1/cells?from=1&to=60");
    }

    private void fill(int count) throws Exception {
        String cells = IntStream.rangeClosed(1, ROWS)
                .mapToObj(row ->
                        typed("A" + row, String.valueOf(row * 1.5)) + "," + typed("B" + row, "=A" + row + "*1.2"))
                .collect(Collectors.joining(","));
        String edits = "{\"base\":1,\"commands\":[{\"do\":\"enter\",\"grid\":\"grid-1\",\"cells\":[" + cells + "]}]}";
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        List<Future<?>> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String title = "Lot " + i;
            all.add(writers.submit(() -> {
                String made = post("/api/v1/worksheets", "{\"title\":\"" + title + "\"}");
                post("/api/v1/worksheets/" + ids(made).get(0) + "/edits", edits);
                return title;
            }));
        }
        for (Future<?> each : all) {
            each.get();
        }
        writers.shutdown();
    }

    private static String typed(String cell, String text) {
        return "{\"cell\":\"" + cell + "\",\"text\":\"" + text + "\"}";
    }

    private static List<String> ids(String json) {
        Matcher ids = ID.matcher(json);
        List<String> found = new ArrayList<>();
        while (ids.find()) {
            found.add(ids.group(1));
        }
        return found;
    }

    /** How long it takes until the program answers, in milliseconds; the median of several starts. */
    private long startAndStop() throws Exception {
        List<Long> times = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            long begin = System.nanoTime();
            Process program = start();
            times.add((System.nanoTime() - begin) / 1_000_000);
            stop(program);
        }
        return median(times);
    }

    private Process start() throws Exception {
        Process program = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:+UseSerialGC",
                        "-jar",
                        jar,
                        "--server.port=" + port,
                        "--logismos.data=" + data)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        while (!isReady()) {
            if (!program.isAlive()) {
                throw new IllegalStateException("the program must start");
            }
            Thread.sleep(20);
        }
        return program;
    }

    private boolean isReady() throws InterruptedException {
        try {
            return client.send(request("/api/v1/health").GET().build(), HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    private static void stop(Process program) throws InterruptedException {
        program.destroy();
        program.waitFor();
    }

    /** Memory in use after a collection, in KB. */
    private static long used(Process program) throws Exception {
        String java = Path.of(System.getProperty("java.home"), "bin", "jcmd").toString();
        new ProcessBuilder(java, String.valueOf(program.pid()), "GC.run")
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
        Process asked = new ProcessBuilder(java, String.valueOf(program.pid()), "GC.heap_info").start();
        String told = new String(asked.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        // Some collectors tell each generation by itself; what comes from the metaspace on is no heap.
        return USED.matcher(told.split("Metaspace")[0])
                .results()
                .mapToLong(used -> Long.parseLong(used.group(1)))
                .sum();
    }

    private long median(String path) throws Exception {
        List<Long> times = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            long begin = System.nanoTime();
            get(path);
            times.add((System.nanoTime() - begin) / 1_000_000);
        }
        return median(times);
    }

    private static long median(List<Long> times) {
        return times.stream().sorted().skip(times.size() / 2).findFirst().orElseThrow();
    }

    private String get(String path) throws IOException, InterruptedException {
        return answer(request(path).GET());
    }

    private String post(String path, String body) throws IOException, InterruptedException {
        return answer(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
    }

    private String answer(HttpRequest.Builder request) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 400) {
            throw new IllegalStateException("the program must do it, but said: " + answer.body());
        }
        return answer.body();
    }

    private long size() throws IOException {
        return Files.size(data.resolve("logismos.mv.db"));
    }

    private void delete() throws IOException {
        try (Stream<Path> files = Files.walk(data)) {
            for (Path each : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(each);
            }
        }
    }

    private static void say(String format, Object... values) {
        System.out.printf(Locale.ROOT, format, values);
    }
}
