package app.logismos.catalogue;

import app.logismos.function.Function;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** The function identifiers of OpenFormula and its groups (OASIS ODF 1.3, part 4, section 2.3). */
public final class OpenFormula {
    /** The groups, each of which holds those before it. */
    public enum Group {
        SMALL,
        MEDIUM,
        LARGE
    }

    /** All identifiers by group. */
    public static final OpenFormula STANDARD = read();

    /** Written as constants in the language; {@code TRUE()} and {@code PI()} are read as well. */
    private static final List<String> CONSTANTS = List.of("TRUE", "FALSE", "PI");

    private final Map<String, Group> groups;

    private OpenFormula(Map<String, Group> groups) {
        this.groups = groups;
    }

    private static OpenFormula read() {
        Map<String, Group> groups = new LinkedHashMap<>();
        try (InputStream in = Objects.requireNonNull(OpenFormula.class.getResourceAsStream("openformula.csv"));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            lines.lines()
                    .skip(1)
                    .map(line -> line.split(","))
                    .forEach(cells -> groups.put(cells[0], Group.valueOf(cells[1].toUpperCase(Locale.ROOT))));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return new OpenFormula(groups);
    }

    /** The identifiers that a group adds to those before it, in alphabetical order. */
    public List<String> identifiers(Group group) {
        List<String> identifiers = new ArrayList<>();
        groups.forEach((identifier, of) -> {
            if (of == group) {
                identifiers.add(identifier);
            }
        });
        return identifiers;
    }

    /** The identifier that a function is read by; nothing where it is only ours. */
    public Optional<String> identifier(Function function) {
        return Stream.concat(function.synonyms().stream(), Stream.of(function.name()))
                .map(name -> name.toUpperCase(Locale.ROOT))
                .filter(groups::containsKey)
                .findFirst();
    }

    /** What the identifier is here: a function's name or a constant; nothing where it is not covered. */
    public Optional<String> covering(String identifier, Catalogue catalogue) {
        return CONSTANTS.contains(identifier)
                ? Optional.of(identifier.toLowerCase(Locale.ROOT))
                : catalogue.function(identifier).map(Function::name);
    }
}
