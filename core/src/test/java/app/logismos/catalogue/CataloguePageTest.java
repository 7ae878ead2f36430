package app.logismos.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CataloguePageTest {
    private static final Path PAGE = Path.of("..", "docs", "functions.md");

    /** With {@code -Dlogismos.write=true} the page is written first. */
    @Test
    void theDocumentIsTheCatalogue() throws IOException {
        String page = CataloguePage.markdown(Catalogue.STANDARD);
        if (Boolean.getBoolean("logismos.write")) {
            Files.writeString(PAGE, page);
        }
        assertThat(PAGE).hasContent(page);
    }

    @ParameterizedTest
    @EnumSource(OpenFormula.Group.class)
    void everyIdentifierOfTheStandardIsSomethingHere(OpenFormula.Group group) {
        assertThat(OpenFormula.STANDARD.identifiers(group))
                .isNotEmpty()
                .allSatisfy(identifier -> assertThat(OpenFormula.STANDARD.covering(identifier, Catalogue.STANDARD))
                        .as(identifier)
                        .isPresent());
    }
}
