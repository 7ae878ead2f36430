package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The rates between currencies can be changed while the program runs, and all worksheets follow. */
class RatesTest {
    private static final String EURO = "{\"code\":\"EUR\",\"name\":\"euro\",\"plural\":\"euros\",\"euros\":\"1\"}";

    @TempDir
    static Path data;

    private static Program program;

    @BeforeAll
    static void start() {
        program = Program.start(data, false);
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    @AfterEach
    void goBackToTheSample() {
        program.delete("/rates");
    }

    @Test
    void theSampleHoldsUntilItIsChanged() {
        assertThat(rate("EUR").at("/euros").asString()).isEqualTo("1");
        assertThat(rate("EUR").at("/sample").asBoolean()).isFalse();
        assertThat(rate("USD").at("/sample").asBoolean()).isTrue();
        assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("90");
        assertThat(program.calculate("=100 USD to EUR").at("/hints/0/code")).isEqualTo("sample-rates");
    }

    @Test
    void whatIsCalculatedFollowsTheNewRatesAndIsNoSampleAnyMore() {
        String worksheet = program.newWorksheet("Blend");
        program.type(worksheet, 0, "grid-1", "A1", "100 USD", "A2", "=A1 to EUR", "A3", "=A2+10 USD");
        assertThat(program.shown(worksheet, "grid-1", "A2")).isEqualTo("90.00 EUR");
        assertThat(put("USD", "US dollar", "0.8").status()).isEqualTo(200);
        assertThat(program.shown(worksheet, "grid-1", "A2")).isEqualTo("80.00 EUR");
        assertThat(program.shown(worksheet, "grid-1", "A3")).isEqualTo("88.00 EUR");
        assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("80");
        assertThat(program.calculate("=100 USD to EUR").body().at("/hints").isEmpty())
                .isTrue();
        assertThat(rate("USD").at("/sample").asBoolean()).isFalse();
        assertThat(program.type(worksheet, 2, "grid-1", "A1", "50 USD").status())
                .isEqualTo(200);
        assertThat(program.shown(worksheet, "grid-1", "A2")).isEqualTo("40.00 EUR");
        assertThat(program.post("/worksheets/" + worksheet + "/undo", "").status())
                .isEqualTo(200);
        assertThat(program.shown(worksheet, "grid-1", "A2")).isEqualTo("80.00 EUR");
    }

    @Test
    void aCurrencyOfOnesOwnIsAUnitFromThenOn() {
        assertThat(program.calculate("=5 XTS to EUR").at("/error/code")).isEqualTo("syntax");
        assertThat(put("XTS", "token", "0.25").status()).isEqualTo(200);
        assertThat(program.calculate("=5 XTS to EUR").at("/result/value")).isEqualTo("5/4");
        assertThat(program.calculate("=1 USD to EUR").at("/error/code")).isNotEmpty();
        assertThat(program.delete("/rates").status()).isEqualTo(200);
        assertThat(program.calculate("=5 XTS to EUR").at("/error/code")).isEqualTo("syntax");
        assertThat(program.calculate("=1 USD to EUR").at("/result/value")).isEqualTo("9/10");
    }

    @Test
    void ratesAreKeptWhenTheProgramIsStartedAgain() {
        put("USD", "US dollar", "0.123456789012345678901234567");
        program.close();
        start();
        assertThat(rate("USD").at("/euros").asString()).isEqualTo("0.123456789012345678901234567");
        assertThat(program.calculate("=1000 USD to EUR").at("/result/value"))
                .isEqualTo("123456789012345678901234567/1000000000000000000000000");
    }

    @Test
    void theFileOfAnEarlierVersionIsMovedIntoTheDatabase() throws IOException {
        program.close();
        Files.write(data.resolve("rates.csv"), List.of("# mine", "EUR,euro,euros,1", "USD,US dollar,US dollars,0.75"));
        start();
        assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("75");
        assertThat(data.resolve("rates.csv")).doesNotExist();
        program.close();
        start();
        assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("75");
    }

    @Test
    void aFileThatCannotBeReadLeavesTheSampleAndStays() throws IOException {
        program.close();
        Path file =
                Files.write(data.resolve("rates.csv"), List.of("EUR,euro,euros,1", "USD,US dollar,US dollars,much"));
        start();
        assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("90");
        assertThat(file).exists();
        Files.delete(file);
    }

    @Test
    void aFileWithACurrencyThatIsAUnitByNowDoesNotKeepTheProgramDown() throws IOException {
        program.close();
        Path file = Files.write(data.resolve("rates.csv"), List.of("EUR,euro,euros,1", "BTU,heat,heats,2"));
        start();
        assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("90");
        assertThat(file).exists();
        Files.delete(file);
    }

    @Test
    void ratesThatCannotBeKeptChangeNothing() throws IOException {
        Path file = data.resolve("logismos.mv.db");
        Path aside = Files.move(file, data.resolve("aside"));
        Program.Answer answer = put("USD", "US dollar", "0.8");
        Files.move(aside, file);
        assertThat(answer.status()).isEqualTo(507);
        assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("90");
    }

    @Test
    void twoProgramsWithOtherRatesDoNotShareThem(@TempDir Path elsewhere) {
        put("USD", "US dollar", "0.8");
        try (Program other = Program.start(elsewhere, false)) {
            assertThat(other.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("90");
            assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("80");
        }
    }

    @Test
    void everyPlaceThatReadsAnAmountKnowsACurrencyOfOnesOwn() {
        put("XTS", "token", "0.25");
        String worksheet = program.newWorksheet("Tokens");
        program.type(
                worksheet,
                0,
                "grid-1",
                "A1",
                "8 XTS",
                "A2",
                "=A1*2",
                "A3",
                "=convert(3, \"XTS\", \"EUR\")",
                "A4",
                "=number(\"5 XTS\") to EUR");
        assertThat(program.shown(worksheet, "grid-1", "A2")).isEqualTo("16 XTS");
        assertThat(program.shown(worksheet, "grid-1", "A3")).isEqualTo("0.75 EUR");
        assertThat(program.shown(worksheet, "grid-1", "A4")).isEqualTo("1.25 EUR");
        Program.Answer answer = program.post(
                "/worksheets/" + worksheet + "/acts",
                "{\"act\": {\"do\": \"series\", \"grid\": \"grid-1\", \"at\": \"B1\", \"axis\": \"ROWS\","
                        + " \"first\": \"2 XTS\", \"step\": \"1\", \"last\": null, \"count\": 3}}");
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        assertThat(program.shown(worksheet, "grid-1", "B3")).isEqualTo("4 XTS");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "USD | US dollar | 0          | The rate of `USD` must be a number above 0 of at most 30 digits.",
                "USD | US dollar | -1         | The rate of `USD` must be a number above 0 of at most 30 digits.",
                "USD | US dollar | 1e999      | The rate of `USD` must be a number above 0 of at most 30 digits.",
                "USD | US dollar | 0,9        | The rate of `USD` is a number like 0.92, was `0,9`.",
                "usd | US dollar | 0.9        | A currency has a code of three capital letters, as in `EUR`, and `usd` is none.",
                "USD | '' | 0.9               | `USD` needs a name of 1 to 40 letters, without a comma.",
                "USD | 'a,b' | 0.9            | `USD` needs a name of 1 to 40 letters, without a comma.",
                "EUR | euro | 1               | `EUR` is there twice.",
                "BTU | heat | 0.9             | `BTU` is a unit already.",
            })
    void ratesThatAreNoneAreRefusedAndChangeNothing(String code, String name, String euros, String message) {
        Program.Answer answer = put(code, name, euros);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/detail")).isEqualTo(message);
        assertThat(program.calculate("=100 USD to EUR").at("/result/value")).isEqualTo("90");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "[]                                                                   | `EUR` must be there",
                "[{\"code\":\"EUR\",\"name\":\"euro\",\"plural\":\"euros\",\"euros\":\"2\"}] | One `EUR` is 1 euro.",
                "[{\"code\":\"EUR\",\"name\":\"euro\",\"plural\":\"euros\"}]          | `0.euros` is missing",
            })
    void tablesThatAreNoneAreRefused(String table, String message) {
        Program.Answer answer = program.put("/rates", table);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/detail")).startsWith(message);
    }

    /** The euro and one other currency in place of the table. */
    private Program.Answer put(String code, String name, String euros) {
        return program.put(
                "/rates",
                "[" + EURO + ",{\"code\":\"" + code + "\",\"name\":\"" + name + "\",\"plural\":\"" + name
                        + "\",\"euros\":\"" + euros + "\"}]");
    }

    private JsonNode rate(String code) {
        return StreamSupport.stream(program.get("/rates").body().spliterator(), false)
                .filter(rate -> rate.at("/code").asString().equals(code))
                .findFirst()
                .orElseThrow();
    }
}
