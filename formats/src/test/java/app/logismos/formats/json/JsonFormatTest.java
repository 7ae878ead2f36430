package app.logismos.formats.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.evaluate.Words;
import app.logismos.formats.Worksheets;
import app.logismos.formats.document.Brought;
import app.logismos.formats.document.Unreadable;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Transcript;
import app.logismos.sheet.Worksheet;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JsonFormatTest {
    private static final String SMALL = """
            {"format": 1, "title": "Kettle", "settings": {"degrees": false, "comma": false, "grouped": false,
             "dropped": false, "complex": false, "style": ""}, "sections": [{"id": "s", "title": "S", "folded": false,
             "isPart": false, "blocks": [{"kind": "grid", "id": "g", "title": "G", "rows": 2, "columns": 2, "headings": 0,
             "widths": {}, "styles": {}, "remarks": {}, "hiddenRows": [], "hiddenColumns": [], "beside": false}]}],
             "names": [], "cells": {"g": {"A1": "3"}}}""";

    private static String written(Worksheet worksheet) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        JsonFormat.write(worksheet, Optional.empty(), bytes);
        return bytes.toString(StandardCharsets.UTF_8);
    }

    private static Brought read(String json) {
        return JsonFormat.read(new ByteArrayInputStream(json.getBytes(StandardCharsets.UTF_8)), Words.STANDARD);
    }

    @Test
    void outAndInAgainIsTheSame() {
        for (int seed = 0; seed < 200; seed++) {
            Worksheet worksheet = Worksheets.random(new Random(seed));
            Worksheet again = read(written(worksheet)).worksheet();
            assertThat(again.title()).isEqualTo(worksheet.title());
            assertThat(Transcript.of(again)).as("seed %d", seed).isEqualTo(Transcript.of(worksheet));
            assertThat(written(again)).isEqualTo(written(worksheet));
        }
    }

    @Test
    void equalWorksheetsAreEqualDocumentsWhateverTheirPartsWereWrittenIn() {
        List<String> cells = IntStream.range(0, 60).mapToObj(i -> "C" + (i + 1)).toList();
        String first = documentOf(cells);
        for (int seed = 0; seed < 50; seed++) {
            List<String> shuffled = new ArrayList<>(cells);
            Collections.shuffle(shuffled, new Random(seed));
            assertThat(documentOf(shuffled)).isEqualTo(first);
        }
    }

    private static String documentOf(List<String> cells) {
        Map<String, String> texts = new LinkedHashMap<>();
        cells.forEach(cell -> texts.put(cell, "fraction"));
        Set<Integer> lines = new LinkedHashSet<>();
        cells.forEach(cell -> lines.add(Integer.valueOf(cell.substring(1))));
        Map<Integer, Integer> widths = new LinkedHashMap<>();
        lines.forEach(line -> widths.put(line, 90));
        Block.Grid grid = Block.Grid.of("g", "Kettle", 61, 61)
                .with(to -> to.styles(texts)
                        .remarks(texts)
                        .widths(widths)
                        .hiddenRows(lines)
                        .hiddenColumns(lines));
        Worksheet worksheet = new Worksheet("Tea", List.of(), Words.STANDARD);
        new Edit.AddSection(Section.of("s", "S", grid), 0).apply(worksheet);
        return written(worksheet);
    }

    @Test
    void theHistoryIsWrittenWhereItIsWanted() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        Worksheet worksheet = Worksheets.random(new Random(1));
        JsonFormat.write(worksheet, Optional.of(List.of(new JsonFormat.Past(Instant.EPOCH, "typed 3 into A1"))), bytes);
        String json = bytes.toString(StandardCharsets.UTF_8);
        assertThat(json).contains("\"at\" : \"1970-01-01T00:00:00Z\"").contains("typed 3 into A1");
        assertThat(Transcript.of(read(json).worksheet())).isEqualTo(Transcript.of(worksheet));
    }

    @Test
    void theSmallestIsRead() {
        assertThat(Worksheets.text(read(SMALL).worksheet(), "g", "A1")).isEqualTo("3");
    }

    @ParameterizedTest(name = "{0} for {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"format\": 1             | \"format\": 2                | in format 2; this one reads formats up to 1",
                "\"format\": 1             | \"format\": 0                | /format",
                "\"format\": 1             | \"format\": \"1\"            | does not begin with a `format` number",
                "\"format\": 1             | \"version\": 1               | does not begin with a `format` number",
                "\"rows\": 2               | \"rows\": -2                 | /sections/0/blocks/0",
                "\"rows\": 2               | \"rows\": 2000000000         | /sections/0/blocks/0",
                "\"rows\": 2               | \"rows\": 1e300              | a whole number in it is too large",
                "\"rows\": 2               | \"rows\": 2.5                | /sections/0/blocks/0",
                "\"kind\": \"grid\"        | \"kind\": \"macro\"          | /sections/0/blocks/0",
                "\"title\": \"Kettle\"     | \"title\": \"\"              | /title",
                "\"title\": \"Kettle\"     | \"title\": null              | /title",
                "\"names\": []             | \"names\": [], \"run\": \"x\" | run",
                "\"names\": []             | \"names\": [{\"name\": \"a b\", \"grid\": \"g\", \"area\": \"A1\"}] | A name starts with a letter",
                "\"names\": []             | \"names\": [{\"name\": \"a\", \"grid\": \"h\", \"area\": \"A1\"}] | There is no grid h",
                "\"A1\": \"3\"             | \"A1\": 3                    | /cells/g/A1",
                "\"A1\": \"3\"             | \"A0\": \"3\"                | A0",
                "\"A1\": \"3\"             | \"ZZZZZ1\": \"3\"            | ZZZZZ1",
                "\"A1\": \"3\"             | \"A9999999\": \"3\"          | A9999999",
                "\"A1\": \"3\"             | \"A1\": \"3\", \"A1\": \"4\"  | in line",
                "{\"g\": {                 | {\"h\": {                    | There is no grid h",
                "\"id\": \"g\"             | \"id\": \"s\"                | An id is new",
                "\"id\": \"g\"             | \"id\": \"../g\"             | An id is new",
                "\"widths\": {}            | \"widths\": {\"x\": 3}       | widths",
                "\"cells\":                | \"cells\" |in line",
            })
    void whatIsNoWorksheetIsRefusedWithItsPlace(String part, String instead, String says) {
        assertThat(SMALL).contains(part);
        assertThatThrownBy(() -> read(SMALL.replace(part, instead)))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining(says)
                .message()
                .endsWith(".")
                .doesNotContain("\n");
    }

    @Test
    void eachEndThatIsCutOffIsRefused() {
        for (int length = 0; length < SMALL.strip().length(); length++) {
            String cut = SMALL.substring(0, length);
            assertThatThrownBy(() -> read(cut)).as("%d characters", length).isInstanceOf(Unreadable.class);
        }
    }

    @Test
    void whatIsNestedTooDeepIsRefused() {
        assertThatThrownBy(() -> read("[".repeat(100_000))).isInstanceOf(Unreadable.class);
        assertThatThrownBy(() -> read("{\"format\": 1, \"a\":".repeat(5_000))).isInstanceOf(Unreadable.class);
    }
}
