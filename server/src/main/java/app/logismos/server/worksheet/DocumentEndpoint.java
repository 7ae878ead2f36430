package app.logismos.server.worksheet;

import app.logismos.formats.book.Book;
import app.logismos.formats.book.BookReader;
import app.logismos.formats.book.BookWriter;
import app.logismos.formats.delimited.Choices;
import app.logismos.formats.delimited.ColumnKind;
import app.logismos.formats.delimited.Delimited;
import app.logismos.formats.delimited.DelimitedWriter;
import app.logismos.formats.delimited.Encoding;
import app.logismos.formats.delimited.Quote;
import app.logismos.formats.delimited.Separator;
import app.logismos.formats.document.Brought;
import app.logismos.formats.document.DocumentKind;
import app.logismos.formats.document.Unreadable;
import app.logismos.formats.document.Unwritable;
import app.logismos.formats.foreign.Dialect;
import app.logismos.formats.json.JsonFormat;
import app.logismos.formats.office.OfficeReader;
import app.logismos.formats.office.OfficeWriter;
import app.logismos.formats.opendocument.OpenDocumentReader;
import app.logismos.formats.opendocument.OpenDocumentWriter;
import app.logismos.formats.readable.Html;
import app.logismos.formats.readable.Latex;
import app.logismos.formats.readable.Markdown;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.server.calculate.KnownUnits;
import app.logismos.server.web.NotFound;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Transcript;
import io.swagger.v3.oas.annotations.Parameter;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Worksheets as documents in open formats, and from them. */
@RestController
@RequestMapping("/api/v1/worksheets")
class DocumentEndpoint {
    private static final int SHOWN_LINES = 12;
    private static final int MOST_SHOWN = 4_000;
    private static final int MOST_WORKED = 200;
    private static final int MOST_LISTED = 300;

    private final OpenWorksheets open;
    private final EarlierStates earlier;
    private final Worksheets worksheets;
    private final WorksheetViews views;
    private final KnownUnits known;

    DocumentEndpoint(
            OpenWorksheets open, EarlierStates earlier, Worksheets worksheets, WorksheetViews views, KnownUnits known) {
        this.open = open;
        this.earlier = earlier;
        this.worksheets = worksheets;
        this.views = views;
        this.known = known;
    }

    /** What a worksheet is handed over as. */
    enum Format {
        JSON("json"),
        XLSX("xlsx"),
        ODS("ods"),
        CSV("csv"),
        MARKDOWN("md"),
        HTML("html"),
        LATEX("tex");

        private final String extension;

        Format(String extension) {
            this.extension = extension;
        }
    }

    /**
     * How a document begins, before it is handed over.
     *
     * @param beginning its first lines
     * @param told what another program may take otherwise, in sentences
     */
    record Handed(String beginning, List<String> told) {}

    /**
     * A new worksheet from a document.
     *
     * @param told what is not as it was in the document, in sentences
     * @param compared its formulas' values beside those in the document; null where it keeps none
     */
    record BroughtIn(
            WorksheetViews.WorksheetJson worksheet,
            List<String> told,
            @Nullable ComparedJson compared) {}

    /** What a document has put into a worksheet, told as for a new one. */
    record Joined(
            WorksheetViews.KeptJson kept,
            List<String> told,
            @Nullable ComparedJson compared) {}

    /**
     * What formulas that were brought in are worth here, beside the values in their document.
     *
     * @param formulas how many there were
     * @param agree how many have the same value, within 15 significant digits
     * @param changing how many have another value at every moment, and are not compared
     * @param differ those with another value; the first few hundred
     * @param differing how many have another value
     * @param kept those that could not be brought in, their values were; the first few hundred
     * @param keeping how many could not be brought in
     */
    record ComparedJson(
            int formulas,
            int agree,
            int changing,
            List<DifferentJson> differ,
            int differing,
            List<KeptAsValueJson> kept,
            int keeping) {
        static @Nullable ComparedJson of(Brought brought) {
            return brought.compared()
                    .map(compared -> new ComparedJson(
                            compared.formulas(),
                            compared.agree(),
                            compared.changing(),
                            compared.differ().stream()
                                    .limit(MOST_LISTED)
                                    .map(each -> new DifferentJson(
                                            title(brought, each.grid()),
                                            each.cell().toString(),
                                            each.theirs(),
                                            each.ours(),
                                            each.why()))
                                    .toList(),
                            compared.differ().size(),
                            compared.kept().stream()
                                    .limit(MOST_LISTED)
                                    .map(each -> new KeptAsValueJson(
                                            title(brought, each.grid()),
                                            each.cell().toString(),
                                            each.formula(),
                                            each.why()))
                                    .toList(),
                            compared.kept().size()))
                    .orElse(null);
        }

        private static String title(Brought brought, String grid) {
            return brought.worksheet()
                    .outline()
                    .grids()
                    .filter(each -> each.id().equals(grid))
                    .map(Block.Grid::title)
                    .findFirst()
                    .orElse("");
        }
    }

    /**
     * A formula with another value than in its document.
     *
     * @param grid the title of the grid that it stands in
     */
    record DifferentJson(String grid, String cell, String theirs, String ours, String why) {}

    /**
     * A formula that could not be brought in.
     *
     * @param grid the title of the grid that its value stands in
     * @param formula as the document spells it
     */
    record KeptAsValueJson(String grid, String cell, String formula, String why) {}

    /**
     * A worksheet as a document.
     *
     * @param at the revision that is meant; now, where none is named
     * @param grid the id of the grid whose values are written, for CSV; the first, where none is named
     * @param formulas whether the formulas stand below each grid, for Markdown, HTML and LaTeX
     * @param working cells whose working stands at the end, each as the id of its grid, a colon and its address, for HTML
     * @param history whether the changes are told, for JSON
     * @param separator between values, for CSV
     * @param quote around texts that hold a separator, for CSV
     * @param encoding of the characters, for CSV
     * @param comma whether the decimal mark is a comma, for CSV
     * @param shown whether numbers have the digits that are shown, for CSV
     * @param guarded whether texts that begin like formulas get an apostrophe in front, for CSV
     */
    @GetMapping(path = "/{id}/export", produces = "application/octet-stream")
    ResponseEntity<byte[]> handOver(
            @PathVariable String id,
            @RequestParam Optional<Long> at,
            @RequestParam Format format,
            @RequestParam Optional<String> grid,
            @RequestParam(defaultValue = "false") boolean formulas,
            @RequestParam Optional<List<String>> working,
            @RequestParam(defaultValue = "false") boolean history,
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestParam(defaultValue = "QUOTATION_MARK") Quote quote,
            @RequestParam(defaultValue = "UTF_8") Encoding encoding,
            @RequestParam(defaultValue = "false") boolean comma,
            @RequestParam(defaultValue = "false") boolean shown,
            @RequestParam(defaultValue = "false") boolean guarded) {
        DelimitedWriter.Look look = new DelimitedWriter.Look(separator, quote, comma, shown, guarded);
        Optional<List<JsonFormat.Past>> past = history ? Optional.of(past(id)) : Optional.empty();
        return earlier.read(
                id,
                at,
                worksheet -> ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_OCTET_STREAM)
                        .header(
                                HttpHeaders.CONTENT_DISPOSITION,
                                ContentDisposition.attachment()
                                        .filename(
                                                fileName(worksheet.live) + "." + format.extension,
                                                StandardCharsets.UTF_8)
                                        .build()
                                        .toString())
                        .body(document(worksheet.live, format, grid, formulas, places(working), past, look, encoding)));
    }

    /** How a document would begin, and what another program may take otherwise; the same choice as for the document itself. */
    @GetMapping("/{id}/export/beginning")
    Handed beginning(
            @PathVariable String id,
            @RequestParam Optional<Long> at,
            @RequestParam Format format,
            @RequestParam Optional<String> grid,
            @RequestParam(defaultValue = "false") boolean formulas,
            @RequestParam Optional<List<String>> working,
            @RequestParam(defaultValue = "false") boolean history,
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestParam(defaultValue = "QUOTATION_MARK") Quote quote,
            @RequestParam(defaultValue = "UTF_8") Encoding encoding,
            @RequestParam(defaultValue = "false") boolean comma,
            @RequestParam(defaultValue = "false") boolean shown,
            @RequestParam(defaultValue = "false") boolean guarded) {
        DelimitedWriter.Look look = new DelimitedWriter.Look(separator, quote, comma, shown, guarded);
        Optional<List<JsonFormat.Past>> past = history ? Optional.of(past(id)) : Optional.empty();
        return earlier.read(id, at, worksheet -> {
            Optional<Dialect> dialect = dialect(format);
            if (dialect.isPresent()) {
                return handed(BookWriter.write(worksheet.live, dialect.get()));
            }
            String whole = written(worksheet.live, format, grid, formulas, places(working), past, look);
            bytes(whole, format, encoding); // refused here already where it cannot be written
            String lines = whole.lines().limit(SHOWN_LINES).collect(Collectors.joining("\n"));
            return new Handed(
                    lines.substring(0, Math.min(lines.length(), MOST_SHOWN)),
                    format == Format.CSV ? told(worksheet.live, grid(worksheet.live, grid), guarded) : List.of());
        });
    }

    private static List<Edit.Place> places(Optional<List<String>> working) {
        List<String> all = working.orElse(List.of());
        if (all.size() > MOST_WORKED) {
            throw new Unwritable(
                    "The working of " + MOST_WORKED + " cells is written at once at the most, was " + all.size() + ".");
        }
        return all.stream()
                .map(each -> {
                    int colon = each.lastIndexOf(':');
                    Address at = Address.parse(each.substring(colon + 1))
                            .filter(found -> colon > 0)
                            .orElseThrow(() -> new Unwritable(
                                    "`working` holds cells as the id of a grid, a colon and an address, was " + each
                                            + "."));
                    return new Edit.Place(each.substring(0, colon), new Area(at, at));
                })
                .toList();
    }

    private static Optional<Dialect> dialect(Format format) {
        return switch (format) {
            case XLSX -> Optional.of(Dialect.OFFICE_OPEN_XML);
            case ODS -> Optional.of(Dialect.OPEN_FORMULA);
            default -> Optional.empty();
        };
    }

    /** What a workbook begins with: its sheets, and how many cells and formulas they have. */
    private static Handed handed(Book book) {
        String sheets = book.sheets().stream()
                .limit(SHOWN_LINES)
                .map(sheet -> {
                    long formulas = sheet.cells().stream()
                            .filter(placed -> placed.cell().formula().isPresent())
                            .count();
                    return String.format(
                            Locale.ENGLISH,
                            "%s: %,d cells, %,d of them formulas",
                            sheet.title(),
                            sheet.cells().size(),
                            formulas);
                })
                .collect(Collectors.joining("\n"));
        return new Handed(sheets, book.told());
    }

    private static byte[] document(
            LiveWorksheet live,
            Format format,
            Optional<String> grid,
            boolean formulas,
            List<Edit.Place> working,
            Optional<List<JsonFormat.Past>> past,
            DelimitedWriter.Look look,
            Encoding encoding) {
        return switch (format) {
            case XLSX -> OfficeWriter.write(live);
            case ODS -> OpenDocumentWriter.write(live);
            default -> bytes(written(live, format, grid, formulas, working, past, look), format, encoding);
        };
    }

    private static String written(
            LiveWorksheet live,
            Format format,
            Optional<String> grid,
            boolean formulas,
            List<Edit.Place> working,
            Optional<List<JsonFormat.Past>> past,
            DelimitedWriter.Look look) {
        return switch (format) {
            case JSON -> {
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                JsonFormat.write(live.worksheet(), past, bytes);
                yield bytes.toString(StandardCharsets.UTF_8);
            }
            case CSV -> {
                StringBuilder text = new StringBuilder();
                DelimitedWriter.write(live, grid(live, grid), look, text);
                yield text.toString();
            }
            case MARKDOWN -> Markdown.of(live, formulas);
            case HTML -> Html.of(live, formulas, working);
            case LATEX -> Latex.of(live, formulas);
            case XLSX, ODS -> throw new IllegalArgumentException("must be a text, was " + format);
        };
    }

    private static byte[] bytes(String document, Format format, Encoding encoding) {
        return format == Format.CSV ? encoding.encode(document) : document.getBytes(StandardCharsets.UTF_8);
    }

    private static List<String> told(LiveWorksheet live, Block.Grid grid, boolean guarded) {
        List<Address> found = guarded ? List.of() : DelimitedWriter.takenForFormulas(live, grid);
        return found.isEmpty()
                ? List.of()
                : List.of("Other programs would take the text in " + found.get(0)
                        + (found.size() > 1 ? " and " + (found.size() - 1) + " more" : "")
                        + " for a formula. Put an apostrophe in front.");
    }

    private static Block.Grid grid(LiveWorksheet live, Optional<String> id) {
        return id.map(wanted -> live.grid(wanted).orElseThrow(() -> new NotFound("There is no grid " + wanted + ".")))
                .or(() -> live.worksheet().outline().grids().findFirst())
                .orElseThrow(() -> new NotFound("There is no grid in this worksheet."));
    }

    private List<JsonFormat.Past> past(String id) {
        return worksheets.history(id).stream()
                .map(each -> new JsonFormat.Past(each.at(), each.says()))
                .toList();
    }

    private static String fileName(LiveWorksheet live) {
        String clean = live.worksheet()
                .title()
                .replaceAll("[^\\p{L}\\p{M}\\p{N} _-]+", " ")
                .strip();
        return clean.isEmpty() ? "worksheet" : clean;
    }

    /**
     * How a text of values between separators was recognised, or is read by what was chosen; it is asked again after each
     * choice.
     *
     * @param lines how many there are, that of the headings among them
     * @param beginning what is entered for the first lines below the headings; as it stands there where a column is not
     *     decided
     */
    record Recognised(
            Encoding encoding,
            Separator separator,
            Quote quote,
            boolean headings,
            int lines,
            List<RecognisedColumn> columns,
            List<List<String>> beginning) {
        static Recognised of(Delimited read) {
            return new Recognised(
                    read.encoding(),
                    read.separator(),
                    read.quote(),
                    read.hasHeadings(),
                    read.lines(),
                    IntStream.range(0, read.columns().size())
                            .mapToObj(i -> RecognisedColumn.of(i, read.columns().get(i)))
                            .toList(),
                    read.beginning(SHOWN_LINES));
        }
    }

    /**
     * How a column is read.
     *
     * @param column its letters
     * @param heading without its unit
     * @param unit of its numbers, where its heading names one
     * @param kind null where its texts allow two readings: one is to be chosen before it is brought in
     * @param says why it is read so, or what is to be chosen
     */
    record RecognisedColumn(
            String column,
            String heading,
            @Nullable String unit,
            @Nullable ColumnKind kind,
            String says) {
        static RecognisedColumn of(int at, Delimited.Column column) {
            return new RecognisedColumn(
                    Address.letters(at),
                    column.heading(),
                    column.unit().orElse(null),
                    column.kind().orElse(null),
                    column.says());
        }
    }

    /**
     * What was chosen of how a text of values between separators is read; the rest is recognised.
     *
     * @param name of the file; what comes in is called so
     * @param quote the sign around texts
     * @param headings whether the first line has them
     * @param kinds of columns, each as its letters, a colon and the kind
     * @param plain the letters of columns that take no unit from their headings
     */
    record Chosen(
            Optional<String> name,
            Optional<Encoding> encoding,
            Optional<Separator> separator,
            Optional<Quote> quote,
            Optional<Boolean> headings,
            @Nullable List<String> kinds,
            @Nullable List<String> plain) {
        Choices choices() {
            Map<Integer, ColumnKind> chosen = new HashMap<>();
            for (String each : kinds == null ? List.<String>of() : kinds) {
                String[] parts = each.split(":", 2);
                try {
                    chosen.put(column(parts[0]), ColumnKind.valueOf(parts[parts.length - 1]));
                } catch (IllegalArgumentException unknown) {
                    throw new Unreadable("`kinds` holds columns and how they are read, as B:TEXT, was " + each + ".");
                }
            }
            Set<Integer> without = new HashSet<>();
            for (String each : plain == null ? List.<String>of() : plain) {
                without.add(column(each));
            }
            return new Choices(encoding, separator, quote, headings, chosen, without);
        }

        private static int column(String letters) {
            return Address.parse(letters + "1")
                    .orElseThrow(() -> new Unreadable("There is no column " + letters + "."))
                    .column();
        }
    }

    /** How a text of values between separators, which is the body of the request, is read. */
    @PostMapping(path = "/import/reading", consumes = "application/octet-stream")
    Recognised reading(@RequestBody byte[] document, @ParameterObject Chosen chosen) {
        return Recognised.of(Delimited.read(document, chosen.choices(), known.words()));
    }

    /** A new worksheet from a document, which is the body of the request. */
    @PostMapping(
            path = "/import",
            consumes = {"application/octet-stream", "application/json"})
    @ResponseStatus(HttpStatus.CREATED)
    BroughtIn bringIn(
            @RequestBody byte[] document,
            @ParameterObject Chosen chosen,
            @Parameter(hidden = true) @RequestHeader(HttpHeaders.CONTENT_TYPE) MediaType type) {
        Brought brought = read(document, chosen, type);
        String id = worksheets.create(brought.worksheet().title(), false);
        worksheets.begin(id, Transcript.of(brought.worksheet()));
        return new BroughtIn(open.read(id, views::worksheet), brought.told(), ComparedJson.of(brought));
    }

    /** Puts a document, which is the body of the request, below what a worksheet has, as one change. */
    @PostMapping(
            path = "/{id}/import",
            consumes = {"application/octet-stream", "application/json"})
    Joined join(
            @PathVariable String id,
            @RequestBody byte[] document,
            @ParameterObject Chosen chosen,
            @Parameter(hidden = true) @RequestHeader(HttpHeaders.CONTENT_TYPE) MediaType type,
            @RequestHeader(Asked.PAGE) Optional<String> page,
            @RequestHeader(Asked.KEY) Optional<String> key) {
        Brought brought = read(document, chosen, type);
        List<String> told = new ArrayList<>(brought.told());
        WorksheetViews.KeptJson kept = worksheets.join(id, brought.worksheet(), told, new Asked(page, key));
        return new Joined(kept, told, ComparedJson.of(brought));
    }

    private Brought read(byte[] document, Chosen chosen, MediaType type) {
        String name = chosen.name().orElse("");
        boolean isJson = type.isCompatibleWith(MediaType.APPLICATION_JSON);
        return switch (isJson ? DocumentKind.JSON : DocumentKind.of(document, name)) {
            case JSON -> JsonFormat.read(new ByteArrayInputStream(document), known.words());
            case OFFICE_OPEN_XML ->
                BookReader.read(OfficeReader.read(document), DocumentKind.title(name), known.words());
            case OPEN_DOCUMENT ->
                BookReader.read(OpenDocumentReader.read(document), DocumentKind.title(name), known.words());
            case DELIMITED ->
                Delimited.read(document, chosen.choices(), known.words()).brought(DocumentKind.title(name));
        };
    }

    @ExceptionHandler
    ProblemDetail unwritable(Unwritable worksheet) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, worksheet.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unreadable(Unreadable document) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, document.getMessage());
    }
}
