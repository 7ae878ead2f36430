package app.logismos.bench;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.delimited.Choices;
import app.logismos.formats.delimited.Delimited;
import app.logismos.formats.delimited.DelimitedWriter;
import app.logismos.formats.delimited.Quote;
import app.logismos.formats.delimited.Separator;
import app.logismos.formats.document.Brought;
import app.logismos.recalculate.LiveWorksheet;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;

/** A table of 100,000 lines of ten values, read and written; beside it Commons CSV, which parts the lines and reads nothing. */
public class DelimitedBenchmark extends Timed {
    private static final int LINES = 100_000;

    private String text;
    private byte[] document;
    private LiveWorksheet live;

    /** Words, days, prices, codes, whole numbers, numbers of sixteen digits and fractions. */
    @Setup
    public void write() {
        Random random = new Random(1);
        StringBuilder lines = new StringBuilder("Lot,Arrived,Price,Mass (kg),Leaf,Code,Change,Share,Number,Part\n");
        for (int i = 0; i < LINES; i++) {
            lines.append("lot ").append(i);
            lines.append(",2027-0").append(1 + i % 9).append("-1").append(i % 9);
            lines.append(',').append(random.nextInt(10_000) / 100.0);
            lines.append(',').append(random.nextInt(1_000));
            lines.append(",Oolong,A").append(i);
            lines.append(',').append(random.nextInt());
            lines.append(',').append(random.nextDouble());
            lines.append(',').append(i).append(",1/2\n");
        }
        text = lines.toString();
        document = text.getBytes(StandardCharsets.UTF_8);
        live = new LiveWorksheet(brought().worksheet(), Limits.USUAL);
    }

    /** The lines parted into texts. */
    @Benchmark
    public int parted() throws IOException {
        try (CSVParser parser = CSVParser.parse(text, CSVFormat.RFC4180)) {
            return parser.getRecords().size();
        }
    }

    /** What is shown before it comes in: how each column is read. */
    @Benchmark
    public Delimited recognised() {
        return Delimited.read(document, Choices.NONE, Words.STANDARD);
    }

    /** A worksheet of a million values. */
    @Benchmark
    public Brought brought() {
        return recognised().brought("lots");
    }

    /** Its values with all their digits. */
    @Benchmark
    public int written() {
        StringBuilder to = new StringBuilder();
        DelimitedWriter.Look look =
                new DelimitedWriter.Look(Separator.COMMA, Quote.QUOTATION_MARK, false, false, false);
        DelimitedWriter.write(
                live, live.worksheet().outline().grids().findFirst().orElseThrow(), look, to);
        return to.length();
    }
}
