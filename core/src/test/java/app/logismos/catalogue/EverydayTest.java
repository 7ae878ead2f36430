package app.logismos.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EverydayTest {
    @Test
    void everyWordMeansAFunctionAndIsNoneItself() {
        Everyday.all().forEach((word, meant) -> {
            assertThat(Catalogue.STANDARD.function(word)).as(word).isEmpty();
            assertThat(meant)
                    .allSatisfy(
                            name -> assertThat(Catalogue.STANDARD.function(name).map(Function::name))
                                    .as(word)
                                    .hasValue(name));
        });
    }

    @ParameterizedTest
    @CsvSource({"nCr, combinations", "NPR, permutations", "C, combinations", "avg, mean", "arcsin, asin"})
    void aWordIsFoundInAnyCase(String word, String function) {
        assertThat(Everyday.meant(word)).contains(function);
    }

    @Test
    void aWordThatIsNoneMeansNothing() {
        assertThat(Everyday.meant("qwrtz")).isEmpty();
    }
}
