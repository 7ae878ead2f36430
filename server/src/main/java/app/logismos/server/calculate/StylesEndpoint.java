package app.logismos.server.calculate;

import app.logismos.display.Styles;
import app.logismos.server.web.InLowerCase;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The styles in which numbers are shown. */
@RestController
class StylesEndpoint {
    /**
     * A number style.
     *
     * @param word how it is written, as in {@code fixed 2}
     * @param says what people call it
     * @param takes what stands behind the word
     * @param usual the number that stands there at first; null where it takes none, or may have none
     */
    record StyleJson(
            String word,
            String says,
            @InLowerCase(Styles.Takes.class) String takes,
            @Nullable Integer usual) {}

    /** All number styles, in the order in which people choose from them. */
    @GetMapping("/api/v1/styles")
    List<StyleJson> styles() {
        return Styles.all().stream().map(StylesEndpoint::json).toList();
    }

    private static StyleJson json(Styles.Named style) {
        return new StyleJson(
                style.word(),
                style.says(),
                style.takes().name().toLowerCase(Locale.ROOT),
                style.usual() > 0 ? style.usual() : null);
    }
}
