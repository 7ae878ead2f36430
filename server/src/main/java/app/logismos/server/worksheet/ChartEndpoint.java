package app.logismos.server.worksheet;

import app.logismos.act.Inputs;
import app.logismos.chart.ChartData;
import app.logismos.chart.ChartReading;
import app.logismos.chart.RunThrough;
import app.logismos.chart.View;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.server.web.BadRequest;
import app.logismos.server.web.NotFound;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What charts of a worksheet show, now, before, and while an input runs. */
@RestController
@RequestMapping("/api/v1/worksheets/{id}/charts/{chart}")
class ChartEndpoint {
    private static final int MOST_COLUMNS = 4_000;

    private final OpenWorksheets open;
    private final EarlierStates earlier;
    private final Worksheets worksheets;

    ChartEndpoint(OpenWorksheets open, EarlierStates earlier, Worksheets worksheets) {
        this.open = open;
        this.earlier = earlier;
        this.worksheets = worksheets;
    }

    /**
     * A look that a chart has had.
     *
     * @param revision since when
     * @param reason the change that made it look so
     */
    record LookJson(long revision, Instant at, String reason, ChartData data) {}

    /**
     * What runs, and through which values.
     *
     * @param input a name or an address in the chart's grid
     * @param from the first value; half of what it is now, if it is empty
     * @param to the last value; its double, if it is empty
     * @param count how many values there are, both ends included
     */
    record Run(String input, String from, String to, Integer count) {}

    /**
     * The chart's data, as closely as it is looked at.
     *
     * @param columns how many pixels it is wide
     * @param from the part of the horizontal axis that is seen, up to {@code to}
     * @param low the part of the vertical axis that is seen, up to {@code high}
     */
    @GetMapping
    ChartData data(
            @PathVariable String id,
            @PathVariable String chart,
            @RequestParam Optional<Long> at,
            @Parameter(schema = @Schema(type = "integer", format = "int32", minimum = "1", maximum = MOST_COLUMNS + ""))
                    @RequestParam
                    Optional<Integer> columns,
            @RequestParam Optional<Double> from,
            @RequestParam Optional<Double> to,
            @RequestParam Optional<Double> low,
            @RequestParam Optional<Double> high) {
        int wide = columns.orElse(View.USUAL.columns());
        if (wide < 1 || wide > MOST_COLUMNS) {
            throw new BadRequest("`columns` is 1 to " + MOST_COLUMNS + ", was " + wide + ".");
        }
        View view = new View(wide, part(from, to), part(low, high));
        return earlier.read(id, at, worksheet -> ChartReading.of(chart(worksheet.live, chart), worksheet.live, view));
    }

    /** The looks that it has had, the newest first. */
    @GetMapping("/looks")
    List<LookJson> looks(@PathVariable String id, @PathVariable String chart) {
        open.read(id, worksheet -> chart(worksheet.live, chart));
        return earlier
                .looks(id, live -> find(live, chart).map(found -> ChartReading.of(found, live, View.USUAL)))
                .stream()
                .map(look -> new LookJson(look.revision(), look.at(), look.reason(), look.seen()))
                .toList();
    }

    /** Brings a look back: the chart's settings and the entries that it depends on. */
    @PostMapping("/looks/{revision}")
    WorksheetViews.KeptJson lookAgain(
            @PathVariable String id,
            @PathVariable String chart,
            @PathVariable long revision,
            @RequestHeader(Asked.PAGE) Optional<String> page,
            @RequestHeader(Asked.KEY) Optional<String> key) {
        return worksheets.lookAgain(id, chart, revision, new Asked(page, key));
    }

    /** The chart at each value that an input runs through; the worksheet keeps its own. */
    @PostMapping("/run")
    List<RunThrough.Frame> run(@PathVariable String id, @PathVariable String chart, @RequestBody Run run) {
        return open.read(id, worksheet -> {
            LiveWorksheet live = worksheet.live;
            Chart found = chart(live, chart);
            Edit.Place input = Inputs.cell(run.input(), found.grid(), live);
            List<String> values = Inputs.around(
                    input, live.display().read(run.from()), live.display().read(run.to()), run.count(), live);
            return RunThrough.frames(found, live, input, values);
        });
    }

    /** All points as comma-separated values (RFC 4180). */
    @GetMapping(path = "/data.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable String id, @PathVariable String chart) {
        ChartData data =
                open.read(id, worksheet -> ChartReading.of(chart(worksheet.live, chart), worksheet.live, View.CLOSEST));
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(fileName(data.title()) + ".csv", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(ChartCsv.of(data));
    }

    private static Optional<View.Part> part(Optional<Double> from, Optional<Double> to) {
        if (from.isEmpty() || to.isEmpty()) {
            return Optional.empty();
        }
        if (!(from.get() < to.get()) || !Double.isFinite(to.get() - from.get())) {
            throw new BadRequest("A part of an axis begins below its end, was " + from.get() + " to " + to.get() + ".");
        }
        return Optional.of(new View.Part(from.get(), to.get()));
    }

    private static Chart chart(LiveWorksheet live, String chart) {
        return find(live, chart).orElseThrow(() -> new NotFound("There is no chart " + chart + "."));
    }

    private static Optional<Chart> find(LiveWorksheet live, String chart) {
        return live.worksheet()
                .outline()
                .block(chart)
                .filter(Chart.class::isInstance)
                .map(Chart.class::cast);
    }

    /** Letters, digits and a few signs: no paths, and nothing that a system or a shell reads in another way. */
    private static String fileName(String title) {
        String clean = title.replaceAll("[^\\p{L}\\p{M}\\p{N} _-]+", " ").strip();
        return clean.isEmpty() ? "chart" : clean;
    }
}
