package app.logismos.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.StringReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitFileTest {
    private static final String METRE = "m,,metre,metres,,LENGTH,,m,si,Length,SI brochure table 2\n";

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(delimiter = '|', textBlock = """
            ell,,ell,ells,1.1,m                                 | line 4: .*only has 6 values.*
            ell,,ell,ells,1.1.1,m,,,,Length,made up             | line 4: .*
            ell,,ell,ells,1.1,cubit,,,,Length,made up           | line 4: a unit must be known before it is used: cubit
            m,,mile,miles,1609.344,m,,,,Length,made up          | line 4: a unit's symbol must be its own, was m
            ell,,ell,ells,1/0,m,,,,Length,made up               | line 4: .*
            ell,,ell,ells,1.1,m,zero,,,Length,made up           | line 4: .*
            """)
    void aLineThatIsNoUnitIsToldWithItsPlaceAndReason(String line, String told) {
        assertThatThrownBy(() -> new UnitCatalogue(new StringReader("# made up\n" + METRE + "\n" + line + "\n")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageMatching("units.csv, " + told);
    }

    @Test
    void aLineThatIsAUnitIsOne() throws IOException {
        UnitCatalogue catalogue =
                new UnitCatalogue(new StringReader(METRE + "ell,,ell,ells,1.1,m,,,,Length,made up\n"));
        assertThat(catalogue
                        .unit("ells")
                        .orElseThrow()
                        .isLike(catalogue.unit("m").orElseThrow()))
                .isTrue();
    }
}
