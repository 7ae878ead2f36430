package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Values found in tables that sum something up, with one and two fields, nested ones, and several data. */
class SummaryTableTest {
    private static final List<String> ONE = List.of("Tea,Sum of boxes", "Assam,4", "Ceylon,8", "Total,12");

    private static final List<String> TWO = List.of(
            "Sum of boxes,Year,,", "Tea,2024,2025,Grand total", "Assam,1,3,4", "Ceylon,6,2,8", "Grand total,7,5,12");

    private static final List<String> NESTED = List.of(
            "Tea,Shop,Sum - boxes",
            "Assam,North,1",
            ",South,3",
            "Assam result,,4",
            "Ceylon,North,6",
            ",South,2",
            "Ceylon result,,8",
            "Total result,,12");

    private static final List<String> DATA =
            List.of("Tea,Sum of boxes,Mean of price", "Assam,4,3.50", "Ceylon,8,4.25", "Grand total,12,4");

    @ParameterizedTest(name = "{0}: {1} is {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "ONE | \"boxes\", A1:B4, \"Tea\", \"Ceylon\" | 8",
                "ONE | \"sum of BOXES\", A1:B4, \"tea\", \"assam\" | 4",
                "ONE | \"boxes\", A1:B4 | 12",
                "ONE | \"boxes\", A1:B3 | not-found",
                "ONE | \"price\", A1:B4 | not-found",
                "ONE | \"boxes\", A1:B4, \"Tea\", \"Earl Grey\" | not-found",
                "ONE | \"boxes\", A1:B4, \"Shop\", \"Ceylon\" | not-found",
                "ONE | \"boxes\", A1:B4, \"Tea\" | wrong-arguments",
                "TWO | \"boxes\", A1:D5, \"Tea\", \"Assam\", \"Year\", 2025 | 3",
                "TWO | \"boxes\", A1:D5, \"Year\", 2024, \"Tea\", \"Ceylon\" | 6",
                "TWO | \"boxes\", A1:D5, \"Year\", 2024 | 7",
                "TWO | \"boxes\", A1:D5, \"Tea\", \"Ceylon\" | 8",
                "TWO | \"boxes\", A1:D5 | 12",
                "TWO | \"boxes\", A1:D5, \"Year\", 2026 | not-found",
                "NESTED | \"boxes\", A1:C8, \"Tea\", \"Ceylon\", \"Shop\", \"South\" | 2",
                "NESTED | \"boxes\", A1:C8, \"Tea\", \"Assam\", \"Shop\", \"South\" | 3",
                "NESTED | \"boxes\", A1:C8, \"Tea\", \"Assam\" | 4",
                "NESTED | \"boxes\", A1:C8 | 12",
                "NESTED | \"boxes\", A1:C8, \"Shop\", \"North\" | not-found",
                "DATA | \"price\", A1:C4, \"Tea\", \"Ceylon\" | 17/4",
                "DATA | \"boxes\", A1:C4, \"Tea\", \"Ceylon\" | 8",
                "DATA | \"boxes\", A1:C4 | 12",
                "DATA | \"Mean of price\", A1:C4 | 4",
            })
    void theValueOfMembersIsFound(String table, String arguments, String value) {
        List<String> rows = switch (table) {
            case "ONE" -> ONE;
            case "TWO" -> TWO;
            case "NESTED" -> NESTED;
            default -> DATA;
        };
        LiveWorksheet live = Sheets.empty();
        List<String> typed = new ArrayList<>();
        for (int row = 0; row < rows.size(); row++) {
            String[] cells = rows.get(row).split(",", -1);
            for (int column = 0; column < cells.length; column++) {
                typed.add((char) ('A' + column) + String.valueOf(row + 1));
                typed.add(cells[column]);
            }
        }
        type(live, typed.toArray(String[]::new));
        type(live, "H1", "=summaryvalue(" + arguments + ")");
        assertThat(shown(live, "H1").split(": ")[0]).isEqualTo(value);
    }
}
