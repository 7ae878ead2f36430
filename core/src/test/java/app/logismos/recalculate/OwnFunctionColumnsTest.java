package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Columns that call a function of one's own are worked out side by side where its rule is plain arithmetic. */
class OwnFunctionColumnsTest {
    /** Some pages of a column. */
    private static final int ROWS = 700;

    private final LiveWorksheet live = Sheets.empty();

    @ParameterizedTest(name = "{0}, called {1}, is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "f(x) = 3*x + 1          | f(A@)             | 3*A@+1",
                "f(x) = x^2 - x/3        | f(A@)             | A@^2-A@/3",
                "f(x) = x² - share*x      | f(A@)             | A@²-$E$1*A@",
                "f(x, n: 4) = n*x        | f(A@)+f(A@, n: 2) | 4*A@+2*A@",
                "f(x) = g(x)/2           | f(A@+1)           | 7*(A@+1)/2",
                "f(x) = x*sin(x)         | f(A@)             | A@*sin(A@)",
                "f(x) = if(x > 9, x, 0)  | f(A@)             | if(A@ > 9, A@, 0)",
                "f(x) = x + A1           | f(A@)             | A@+$A$1",
            })
    void eachCellIsWhatTheRuleWrittenOutWouldBe(String rule, String call, String writtenOut) {
        type(live, "D1", rule.strip(), "D2", "g(y) = 7*y", "E1", "1.5");
        Sheets.name(live, "share", "E1:E1");
        List<String> entries = new ArrayList<>();
        for (int row = 1; row <= ROWS; row++) {
            entries.addAll(List.of("A" + row, number(row), "B" + row, "=" + call.replace("@", "" + row)));
            entries.addAll(List.of("C" + row, "=" + writtenOut.replace("@", "" + row)));
        }
        type(live, entries.toArray(String[]::new));
        assertAlike();
        type(live, "E1", "2.5", "D2", "g(y) = 7*y");
        assertAlike();
    }

    /** Numbers of every kind, and here and there what is none. */
    private static String number(int row) {
        return switch (row % 100) {
            case 7 -> "tea";
            case 13 -> "5 kg";
            case 29 -> "=expand(a+1)";
            case 41 -> "=√" + row;
            case 59 -> "=exp(" + row % 9 + ")";
            case 83 -> "=2+i";
            case 97 -> "";
            default -> row + "." + row % 7;
        };
    }

    private void assertAlike() {
        for (int row = 1; row <= ROWS; row++) {
            String called = shown(live, "B" + row);
            String written = shown(live, "C" + row);
            boolean areFailures = called.matches("[a-z-]+: .*") && written.matches("[a-z-]+: .*");
            assertThat(areFailures ? called.substring(0, called.indexOf(':')) : called)
                    .as("row " + row)
                    .isEqualTo(areFailures ? written.substring(0, written.indexOf(':')) : written);
        }
    }

    @Test
    void theyFollowWhenTheRuleChangesItsKind() {
        type(live, "D1", "f(x) = 2*x");
        List<String> entries = new ArrayList<>();
        for (int row = 1; row <= ROWS; row++) {
            entries.addAll(List.of("A" + row, "" + row, "B" + row, "=f(A" + row + ")"));
        }
        type(live, entries.toArray(String[]::new));
        assertThat(shown(live, "B700")).isEqualTo("1400");
        type(live, "D1", "f(x) = sqrt(x^2)");
        assertThat(shown(live, "B700")).isEqualTo("700");
        type(live, "D1", "f(x) = x^2");
        assertThat(shown(live, "B700")).isEqualTo("490000");
        type(live, "D1", "");
        assertThat(shown(live, "B700")).startsWith("unknown-function");
    }
}
