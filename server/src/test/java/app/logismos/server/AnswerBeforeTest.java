package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The answer before on the tape, and other words that stand for values while something is written. */
class AnswerBeforeTest {
    @TempDir
    static Path data;

    private static Program program;
    private String id;

    @BeforeAll
    static void start() {
        program = Program.start(data, false);
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    @BeforeEach
    void open() {
        id = program.newWorksheet("Scratch");
    }

    @ParameterizedTest(name = "after {0}, {1} is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "7/2              | answer*2       | 7          | true",
                "7/2              | ans*2          | 7          | true",
                "7/2              | ANSWER*2       | 7          | true",
                "1/3              | answer*3       | 1          | true",
                "2^200            | answer/2^199   | 2          | true",
                "sqrt(2)          | answer^2       | 2          | true",
                "sqrt(2)          | answer*1       | 1.414213562 | true",
                "exp(1)           | answer*1       | 2.718281828 | false",
                "3+4i             | answer*i       | -4 + 3i    | true",
                "2 kg             | answer*3       | 6 kg       | true",
                "12.50 EUR        | answer*2       | 25.00 EUR  | true",
                "2027-03-01       | answer + 1     | 2027-03-02 | true",
                "{1; 2; 3}        | sum(answer)    | 6          | true",
                "upper(\"tea\")   | answer & \"s\" | TEAs       | true",
                "5; answer*2      | answer+1       | 11         | true",
                "1; answer/3; answer*3 | answer    | 1          | true",
            })
    void theScratchLineCanSpeakOfTheAnswerBefore(String before, String entry, String shown, boolean exact) {
        for (String each : before.split(";(?![^{]*})")) {
            keep(each.strip());
        }
        Program.Answer preview = preview(entry, "");
        assertThat(preview.at("/calculation/result/display")).isEqualTo(shown);
        assertThat(preview.at("/calculation/result/exact")).isEqualTo(String.valueOf(exact));
    }

    @Test
    void itIsTheAnswerAsItWasThoughCellsHaveChangedSince() {
        program.type(id, 1, "grid-1", "A1", "5");
        keep("A1*2");
        program.type(id, 2, "grid-1", "A1", "7");
        assertThat(preview("answer", "").at("/calculation/result/display")).isEqualTo("10");
    }

    @Test
    void aNameOfTheWorksheetGoesFirst() {
        keep("7/2");
        program.type(id, 1, "grid-1", "A1", "ans = 3");
        assertThat(preview("ans*2", "").at("/calculation/result/display")).isEqualTo("6");
        assertThat(preview("answer*2", "").at("/calculation/result/display")).isEqualTo("7");
    }

    @Test
    void theFunctionOfAnotherNameIsToldFromIt() {
        keep("7/2");
        Program.Answer preview = preview("last*2", "");
        assertThat(preview.at("/calculation/error/fixes/0/replacement")).isEqualTo("=answer*2");
        assertThat(preview("last({1; 2})", "").at("/calculation/result/display"))
                .isEqualTo("2");
    }

    @Test
    void whereNothingWasWorkedOutNothingIsCalledSo() {
        assertThat(preview("answer*2", "").at("/calculation/error/code")).isEqualTo("unknown-name");
        assertThat(program.post("/worksheets/" + id + "/preview", draft("=ans", ""))
                        .at("/calculation/error/code"))
                .isEqualTo("unknown-name");
    }

    @Test
    void aLineOfTheTapeSpeaksOfTheOneBeforeItAndIsWrittenOutForACell() {
        keep("7/2");
        keep("answer*2");
        keep("100");
        Program.Answer second = preview("answer*2", ",\"line\":2");
        assertThat(second.at("/calculation/result/display")).isEqualTo("7");
        assertThat(second.at("/entry")).isEqualTo("=(7/2)*2");
    }

    @ParameterizedTest(name = "{0}, put into a cell behind {1}, is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "sqrt(2)              | answer^2        | =(sqrt(2))^2",
                "7/2; answer*2        | answer+1        | =((7/2)*2)+1",
                "2 kg                 | answer*3        | =(2 kg)*3",
                "12 500               | answer/5        | =(12500)/5",
                "date(2027, 3, 1)     | answer + 1      | =(date(2027, 3, 1)) + 1",
                // what a formula would read as something else stays, and says so in the cell
                "2027-03-01           | answer + 1      | =answer + 1",
            })
    void itIsWrittenOutAsItWasWorkedOut(String before, String entry, String written) {
        for (String each : before.split(";")) {
            keep(each.strip());
        }
        assertThat(preview(entry, "").at("/entry")).isEqualTo(written);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x^2      | x | 3     | 9",
                "x to cm  | x | 2 m   | 200 cm",
                "2*t + A1 | t | 1/2   | 1",
                "π*r      | r | 0     | 0",
            })
    void aWordThatStandsForManyValuesIsShownAtOneOfThem(String entry, String word, String value, String shown) {
        String given = ",\"given\":[{\"word\":\"" + word + "\",\"value\":\"" + value + "\"}]";
        assertThat(preview(entry, given).at("/calculation/result/display")).isEqualTo(shown);
    }

    private Program.Answer preview(String entry, String more) {
        return program.post("/worksheets/" + id + "/preview", draft(entry, ",\"scratch\":true" + more));
    }

    private static String draft(String entry, String more) {
        return "{\"grid\":\"grid-1\",\"address\":\"ZZZ1000000\",\"entry\":\"" + entry.replace("\"", "\\\"") + "\""
                + more + "}";
    }

    /** Keeps a line as the page does: with its answer as shown, and as it can be typed again. */
    private void keep(String entry) {
        Program.Answer answer = preview(entry, "");
        String decimal = answer.at("/calculation/result/forms/repeating");
        String number = decimal.isEmpty() || decimal.contains("(") ? answer.at("/calculation/result/value") : decimal;
        String unit = answer.at("/calculation/result/unit");
        String shown = answer.at("/calculation/result/display");
        String value = number.isEmpty() || number.equals("null") ? shown : number;
        program.post(
                "/worksheets/" + id + "/tape",
                "{\"entry\":\"" + entry.replace("\"", "\\\"") + "\",\"display\":\"" + shown + "\",\"exact\":"
                        + answer.at("/calculation/result/exact") + ",\"value\":\""
                        + (unit.isEmpty() || unit.equals("null") ? value : value + " " + unit) + "\"}");
    }
}
