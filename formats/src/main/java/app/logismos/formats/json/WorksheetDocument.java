package app.logismos.formats.json;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Transcript;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A worksheet as it is written; {@code worksheet.schema.json} says the same.
 *
 * @param format the number of the format, {@link JsonFormat#FORMAT}
 * @param names those that were given by themselves; others are in the entries
 * @param cells the entries, by the id of their grid and their address
 * @param history what was done, where it is wanted; not brought in again
 */
record WorksheetDocument(
        int format,
        String title,
        Settings settings,
        List<Section> sections,
        List<Named> names,
        Map<String, Map<Address, String>> cells,
        Optional<List<JsonFormat.Past>> history) {
    /** A name and the cells that have it. */
    record Named(String name, String grid, Area area) {}

    static WorksheetDocument of(Worksheet worksheet, Optional<List<JsonFormat.Past>> history) {
        Map<String, Map<Address, String>> cells = new LinkedHashMap<>();
        List<Named> names = new ArrayList<>();
        for (Edit edit : Transcript.of(worksheet)) {
            if (edit instanceof Edit.Enter enter) {
                Map<Address, String> entries = new LinkedHashMap<>();
                enter.cells().stream()
                        .sorted(Comparator.comparing(
                                        (Edit.Typed typed) -> typed.cell().row())
                                .thenComparing(typed -> typed.cell().column()))
                        .forEach(typed -> entries.put(typed.cell(), typed.text()));
                cells.put(enter.grid(), entries);
            } else if (edit instanceof Edit.Define define) {
                define.target().ifPresent(place -> names.add(new Named(define.name(), place.grid(), place.area())));
            }
        }
        return new WorksheetDocument(
                JsonFormat.FORMAT,
                worksheet.title(),
                worksheet.settings(),
                worksheet.outline().sections(),
                names,
                cells,
                history);
    }

    /** The edits of an empty worksheet that make it this one. */
    List<Edit> edits() {
        List<Edit> edits = new ArrayList<>();
        edits.add(new Edit.ChangeSettings(settings));
        for (Section section : sections) {
            edits.add(new Edit.AddSection(section, edits.size() - 1));
        }
        cells.forEach((grid, entries) -> edits.add(new Edit.Enter(
                grid,
                entries.entrySet().stream()
                        .map(each -> new Edit.Typed(each.getKey(), each.getValue()))
                        .toList())));
        names.forEach(each ->
                edits.add(new Edit.Define(each.name(), Optional.of(new Edit.Place(each.grid(), each.area())))));
        return edits;
    }
}
