package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Functions that are here so that no document lacks them, under the names that documents use. */
class NamesOfDocumentsTest {
    /** Sets of characters with two bytes for an ideograph (OpenFormula 6.7). */
    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "LENB(\"\")                      | 0",
                "LENB(\"煎茶\")                  | 4",
                "LENB(\"é€\")                    | 2",
                "LENB(\"𠮷\")                    | 2", // outside the first plane
                "LENB(\"ｶﾞ\")                    | 2",
                "LEFTB(\"煎茶\"; 3)              | 煎",
                "LEFTB(\"煎茶\"; 0)              | ~~",
                "LEFTB(\"煎茶\")                 | ~~",
                "LEFTB(\"煎茶\"; 99)             | 煎茶",
                "RIGHTB(\"煎茶\"; 3)             | 茶",
                "RIGHTB(\"煎茶\"; 99)            | 煎茶",
                "MIDB(\"a煎茶b\"; 2; 4)          | 煎茶",
                "MIDB(\"a煎茶b\"; 3; 3)          | 茶",
                "MIDB(\"a煎茶b\"; 3; 2)          | ~~",
                "MIDB(\"ab\"; 9; 2)              | ~~",
                "REPLACEB(\"a煎茶b\"; 2; 4; \"-\") | a-b",
                "REPLACEB(\"煎茶\"; 5; 0; \"b\") | 煎茶b",
                "REPLACEB(\"煎茶\"; 3; 1; \"b\") | 煎b茶", // half a character is none
                "FINDB(\"茶\"; \"煎茶\")         | 3",
                "FINDB(\"煎\"; \"煎茶煎\"; 2)    | 5",
                "FINDB(\"A\"; \"a\")             | not-found",
                "SEARCHB(\"?B\"; \"煎茶b\")      | 3",
                "ASC(\"Ａ１ー　\")               | ~A1ｰ ~",
                "ASC(\"パン\")                   | ﾊﾟﾝ",
                "ASC(\"漢字 é\")                 | 漢字 é",
                "JIS(\"ﾊﾟﾝ\")                    | パン",
                "JIS(\"a-1 \")                   | ａ－１　",
                "ASC(JIS(\"tea (12)\"))          | tea (12)",
                "HYPERLINK(\"https://example.org\"; 7) | 7",
            })
    void textsOfWideCharacters(String call, String value) {
        assertThat(Answers.text(call)).isEqualTo(value.equals("~~") ? "" : value);
    }

    /** Amounts worked out by hand after Article 5 of Council Regulation (EC) No 1103/97. */
    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "EUROCONVERT(100; \"ATS\"; \"EUR\")            | 727/100",
                "EUROCONVERT(1.2; \"DEM\"; \"EUR\")            | 61/100",
                "EUROCONVERT(1; \"FRF\"; \"EUR\"; TRUE(); 3)   | 19/125",
                "EUROCONVERT(1; \"FRF\"; \"DEM\"; TRUE(); 3)   | 3716077/12500000",
                "EUROCONVERT(1; \"FRF\"; \"DEM\")              | 3/10",
                "EUROCONVERT(10; \"eur\"; \"itl\")             | 19363",
                "EUROCONVERT(3.333; \"DEM\"; \"DEM\")          | 3333/1000",
                "EUROCONVERT(1; \"DEM\"; \"USD\")              | wrong-arguments",
                "EUROCONVERT(1; \"FRF\"; \"DEM\"; TRUE(); 2)   | wrong-arguments",
            })
    void amountsInFormerCurrencies(String call, String value) {
        assertThat(Answers.text(call)).isEqualTo(value);
    }

    /** A cost of 2400 down to 300 at 15 %, first 4.5 months (30-day months): 135, 360 five times, then what is left, 165. */
    @ParameterizedTest(name = "period {0}: {1}")
    @CsvSource({"0, 135", "1, 360", "5, 360", "6, 165", "7, 0", "100, 0"})
    void theLossOfAPeriod(int period, String loss) {
        assertThat(Answers.text("AMORLINC(2400; date(2027,8,16); date(2027,12,31); 300; " + period + "; 15%)"))
                .isEqualTo(loss);
    }
}
