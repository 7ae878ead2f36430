package app.logismos.server;

import app.logismos.act.Act;
import app.logismos.chart.ChartReading;
import app.logismos.chart.View;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.guide.Guide;
import app.logismos.number.Counting;
import app.logismos.number.Plain;
import app.logismos.number.Real;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.server.worksheet.Practice;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.NamedEntries;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.io.IOException;
import java.math.BigInteger;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import tools.jackson.databind.json.JsonMapper;

/**
 * Warms the program up while it starts: classes are loaded and loops compiled before the first request. It runs in the
 * background, and it does no harm if it is cut short.
 */
final class Rehearsal {
    private static final BigInteger LONG = BigInteger.valueOf(100_000);

    private static final String QUESTION = "{\"expression\": \"=1000!+sqrt(2)\"}";

    private static final int POINTS = 5_000;

    private static final int READINGS = 30;

    private static final int FITS = 4;

    /** One after the other, so that requests of users always find a free processor. */
    private static final Executor ONE_BY_ONE = Executors.newSingleThreadExecutor(act -> {
        Thread thread = new Thread(act, "rehearsal");
        thread.setDaemon(true);
        return thread;
    });

    private Rehearsal() {}

    /** The virtual machine multiplies long numbers at full speed only after some thousand multiplications; the index of the
     * guide is made. */
    static void calculate() {
        ONE_BY_ONE.execute(() -> Plain.text((Real) Counting.factorial(LONG)));
        ONE_BY_ONE.execute(() -> Guide.STANDARD.find("mean", 1));
    }

    /** Asks the program a first question. */
    static void ask(String address) {
        ONE_BY_ONE.execute(() -> send(address));
    }

    /** Makes changes that are not kept. */
    static void change(Practice practice) {
        ONE_BY_ONE.execute(practice::change);
    }

    /**
     * Reads charts of many points: that takes long before their loops are compiled.
     *
     * @param json what answers are written with
     */
    static void draw(JsonMapper json) {
        ONE_BY_ONE.execute(() -> {
            Chart fitted = Chart.of(
                    "f",
                    "",
                    "g",
                    Optional.of(column(0)),
                    Chart.Series.of(column(1), Chart.Shape.POINTS).withFit(Chart.Fit.LINE));
            Section section = Section.of("s", "", Block.Grid.of("g", "", POINTS, 2), fitted);
            LiveWorksheet live = new LiveWorksheet(new Worksheet("", List.of(section), Words.STANDARD), Limits.USUAL);
            live.apply(List.of(new Edit.Enter(
                    "g",
                    IntStream.range(0, 2 * POINTS)
                            .mapToObj(i -> new Edit.Typed(new Address(i % 2, i / 2), String.valueOf(i)))
                            .toList())));
            Chart chart = Chart.of("c", "", "g", Optional.of(column(0)), Chart.Series.of(column(1), Chart.Shape.LINE));
            Chart curve = Chart.of(
                    "c",
                    "",
                    "g",
                    Optional.empty(),
                    Chart.Series.of(new Chart.Curve("sin(200*x)*x", "x", "0", "10"), "", Chart.Shape.LINE));
            for (int i = 0; i < READINGS; i++) {
                json.writeValueAsString(ChartReading.of(chart, live, View.USUAL));
                json.writeValueAsString(ChartReading.of(curve, live, View.USUAL));
            }
            for (int i = 0; i < FITS; i++) {
                List<Edit> edits = new Act.PutFit(fitted.id(), 0, "fit").edits(live);
                live.apply(live.apply(NamedEntries.written(edits, live.worksheet()))
                        .inverse());
            }
        });
    }

    private static Area column(int column) {
        return Area.between(new Address(column, 0), new Address(column, POINTS - 1));
    }

    private static void send(String address) {
        try {
            HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(address + "/api/v1/calculate"))
                                    .header("Content-Type", "application/json")
                                    .POST(HttpRequest.BodyPublishers.ofString(QUESTION))
                                    .build(),
                            HttpResponse.BodyHandlers.discarding());
        } catch (IOException unanswered) {
            // The program works without a rehearsal.
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }
}
