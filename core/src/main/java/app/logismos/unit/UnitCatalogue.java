package app.logismos.unit;

import app.logismos.number.PiMultiple;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * All units, from {@code units.csv}, and money by its codes in ISO 4217, from {@code rates.csv}. Symbols are told apart by
 * case. A unit's own symbol goes before a prefix with another unit ({@code cd}, {@code min}, {@code ft}), and both before
 * a code of UCUM, the Unified Code for Units of Measure.
 */
public final class UnitCatalogue {
    /**
     * The property that names a file of rates to be read instead of the sample that ships with the program; see there
     * for its form.
     */
    public static final String RATES = "logismos.rates";

    /** What results are shown in: ten and two derived units, and the base units, so that V/Ω is A. */
    private static final List<String> NAMED =
            List.of("N", "Pa", "J", "W", "C", "V", "F", "Ω", "S", "Wb", "T", "H", "m", "s", "A", "K", "mol", "cd");

    private static final String FUEL_USE = "Fuel use";
    private static final String SI_BROCHURE = "SI brochure table";
    /** What UCUM allows to be said about a unit, without a meaning for its size: {@code mL{total}}. */
    private static final Pattern ANNOTATION = Pattern.compile("\\{[^{}]*\\}");

    /** Words that people write as units and that are none, with the reason. */
    private static final Map<String, String> NO_UNITS = noUnits();

    private static final int MOST_REMEMBERED = 10_000;

    /** The catalogue that ships with the program. */
    public static final UnitCatalogue STANDARD = new UnitCatalogue();

    private final Map<String, UnitListing> bySymbol = new LinkedHashMap<>();
    private final Map<String, UnitListing> byOther = new LinkedHashMap<>();
    private final Map<String, UnitListing> byUcum = new LinkedHashMap<>();
    private final Map<Dimension, Unit> named = new LinkedHashMap<>();
    private final Map<String, Optional<Atom>> remembered = new ConcurrentHashMap<>();
    private final Map<String, Optional<Unit>> units = new ConcurrentHashMap<>();

    private UnitCatalogue() {
        lines(resource("units.csv")).forEach(line -> add(listing(line)));
        lines(rates()).forEach(line -> add(money(line)));
    }

    private static Map<String, String> noUnits() {
        String months = "months differ in length. Write `day`, `week` or `year`, or count months with `addmonths`";
        String levels = "it counts on a logarithmic scale. Write the ratio itself, as a plain number";
        return Map.of(
                "month", months, "months", months, "dB", levels, "decibel", levels, "decibels", levels, "Np", levels);
    }

    private static List<String> resource(String name) {
        try (InputStream in = Objects.requireNonNull(UnitCatalogue.class.getResourceAsStream(name));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines().toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static List<String> rates() {
        String file = System.getProperty(RATES, "");
        if (file.isEmpty() || !Files.isReadable(Path.of(file))) {
            return resource("rates.csv");
        }
        try {
            return Files.readAllLines(Path.of(file));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Stream<String[]> lines(List<String> lines) {
        return lines.stream()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .map(line -> line.split(",", -1));
    }

    private UnitListing listing(String[] cells) {
        String symbol = cells[0];
        String of = cells[5];
        Optional<Base> base =
                Stream.of(Base.values()).filter(each -> each.name().equals(of)).findFirst();
        Real factor = cells[4].isEmpty() ? Rational.ONE : factor(cells[4]);
        Rational offset = cells[6].isEmpty() ? Rational.ZERO : Rational.of(new BigDecimal(cells[6]));
        Dimension dimension;
        List<Unit.Power> parts = List.of();
        if (base.isPresent()) {
            dimension = Dimension.of(base.get());
        } else if (of.equals("1")) {
            dimension = Dimension.NONE;
        } else {
            Unit defining = new UnitReader(this, of)
                    .whole()
                    .orElseThrow(() -> new IllegalArgumentException("a unit must be known before it is used: " + of));
            boolean isShort = factor.equals(Rational.ONE) || cells[9].equals(FUEL_USE);
            if (isShort && defining.powers().size() > 1 && !cells[10].startsWith(SI_BROCHURE)) {
                parts = defining.powers();
            }
            factor = Factors.times(factor, defining.factor());
            dimension = defining.dimension();
        }
        boolean isCoherent = cells[10].startsWith(SI_BROCHURE)
                && !cells[10].endsWith("8")
                && factor.equals(Rational.ONE)
                && offset.signum() == 0;
        return new UnitListing(
                new Atom(symbol, dimension, factor, offset, isCoherent, parts),
                List.of(cells[1].isEmpty() ? new String[0] : cells[1].split(" ")),
                cells[2],
                cells[3],
                cells[7],
                List.of(cells[8].isEmpty() ? new String[0] : cells[8].split(" ")),
                cells[9],
                cells[10]);
    }

    private static UnitListing money(String[] cells) {
        Atom atom = new Atom(
                cells[0].strip(),
                Dimension.of(Base.MONEY),
                Rational.of(new BigDecimal(cells[3].strip())),
                Rational.ZERO,
                false,
                List.of());
        return new UnitListing(
                atom,
                List.of(),
                cells[1].strip(),
                cells[2].strip(),
                "",
                List.of(),
                "Money",
                "ISO 4217; the rate is a sample");
    }

    /** Products and quotients of decimals and π: {@code 4.184*5/9}. */
    private static Real factor(String text) {
        Real product = Rational.ONE;
        boolean divides = false;
        for (String part : text.split("(?=[*/])|(?<=[*/])")) {
            if (part.equals("*") || part.equals("/")) {
                divides = part.equals("/");
            } else {
                Real number = part.equals("π") ? PiMultiple.of(Rational.ONE) : Rational.of(new BigDecimal(part));
                product = divides ? Factors.over(product, number) : Factors.times(product, number);
            }
        }
        return product;
    }

    private void add(UnitListing listing) {
        if (bySymbol.put(listing.symbol(), listing) != null) {
            throw new IllegalArgumentException("a unit's symbol must be its own, was " + listing.symbol());
        }
        remembered.clear();
        Stream.concat(listing.others().stream(), Stream.of(listing.name(), listing.plural()))
                .filter(other -> other.indexOf(' ') < 0)
                .forEach(other -> byOther.putIfAbsent(other, listing));
        if (!listing.ucum().isEmpty()) {
            byUcum.putIfAbsent(listing.ucum(), listing);
        }
        if (NAMED.contains(listing.symbol())) {
            named.put(listing.atom().dimension(), Unit.of(listing.atom()));
        }
    }

    /** All lines, in the order of the catalogue. */
    public Collection<UnitListing> listings() {
        return List.copyOf(bySymbol.values());
    }

    /** The line of a unit, with the prefix taken off. */
    public Optional<UnitListing> listing(Atom atom) {
        UnitListing own = bySymbol.get(atom.symbol());
        if (own != null) {
            return Optional.of(own);
        }
        return prefixes("si", "bin")
                .flatMap(prefix -> prefix.symbols().stream())
                .filter(atom.symbol()::startsWith)
                .map(symbol -> bySymbol.get(atom.symbol().substring(symbol.length())))
                .filter(Objects::nonNull)
                .findFirst();
    }

    /**
     * A unit as UCUM writes it, {@code kg.m/s2}, for exports that other programs read; nothing where a part has no code
     * there, as with money.
     */
    public Optional<String> code(Unit unit) {
        StringJoiner above = new StringJoiner(".");
        StringBuilder below = new StringBuilder();
        for (Unit.Power power : unit.powers()) {
            Optional<String> code = code(power.atom());
            if (code.isEmpty() || !power.exponent().isInteger()) {
                return Optional.empty();
            }
            String size = power.exponent().abs().equals(Rational.ONE)
                    ? ""
                    : Plain.text(power.exponent().abs());
            if (power.exponent().signum() > 0) {
                above.add(code.get() + size);
            } else {
                below.append('/').append(code.get()).append(size);
            }
        }
        return Optional.of(above.toString() + below);
    }

    private Optional<String> code(Atom atom) {
        return listing(atom).filter(listing -> !listing.ucum().isEmpty()).map(listing -> {
            String prefix = atom.symbol()
                    .substring(0, atom.symbol().length() - listing.symbol().length());
            return prefixes("si", "bin")
                            .filter(each -> each.symbols().contains(prefix))
                            .map(Prefix::ucum)
                            .findFirst()
                            .orElse("")
                    + listing.ucum();
        });
    }

    /**
     * The unit that a text spells, all of it: {@code km/h}, {@code [lb_av]}, {@code m.s-2}. A text has one object, so that
     * a column in one unit is told at a glance.
     */
    public Optional<Unit> unit(String text) {
        Optional<Unit> known = units.get(text);
        if (known == null) {
            known = new UnitReader(this, ANNOTATION.matcher(text.strip()).replaceAll("")).whole();
            if (units.size() < MOST_REMEMBERED) {
                units.put(text, known);
            }
        }
        return known;
    }

    /** Whether a unit counts way by fuel or fuel by way: {@code mpg}, {@code km/L}, but not {@code m²}. */
    boolean isFuelUse(Unit unit) {
        if (unit.powers().size() == 1) {
            Unit.Power only = unit.powers().get(0);
            return only.exponent().equals(Rational.ONE)
                    && listing(only.atom())
                            .filter(listing -> listing.group().equals(FUEL_USE))
                            .isPresent();
        }
        Unit volume = unit("m^3").orElseThrow();
        Unit way = unit("m").orElseThrow();
        return unit.powers().size() == 2
                && unit.powers().stream()
                        .map(power -> power.atom().dimension())
                        .allMatch(each -> each.equals(volume.dimension()) || each.equals(way.dimension()))
                && (unit.isLike(volume.joined(way, Rational.of(-1)))
                        || unit.isLike(way.joined(volume, Rational.of(-1))));
    }

    /** The unit with a name of its own that measures this. */
    Optional<Unit> named(Dimension dimension) {
        return Optional.ofNullable(named.get(dimension));
    }

    /** The single unit that a text spells: a symbol, with or without a prefix, a name, or a code. */
    Optional<Atom> atom(String text) {
        Optional<Atom> known = remembered.get(text);
        if (known == null) {
            known = find(text);
            if (remembered.size() < MOST_REMEMBERED) {
                remembered.put(text, known);
            }
        }
        return known;
    }

    private Optional<Atom> find(String text) {
        UnitListing own = bySymbol.getOrDefault(text, byOther.get(text));
        if (own != null) {
            return Optional.of(own.atom());
        }
        return prefixed(text)
                .or(() -> Optional.ofNullable(byUcum.get(text)).map(UnitListing::atom))
                .or(() -> prefixedCode(text));
    }

    private Optional<Atom> prefixed(String text) {
        for (String kind : List.of("si", "large", "bin")) {
            for (Prefix prefix : (Iterable<Prefix>) prefixes(kind)::iterator) {
                for (String symbol : prefix.symbols()) {
                    UnitListing rest = text.startsWith(symbol) ? bare(text.substring(symbol.length())) : null;
                    if (rest != null && rest.takes(kind)) {
                        return Optional.of(scaled(prefix, rest));
                    }
                }
                UnitListing rest = text.startsWith(prefix.name())
                        ? byOther.get(text.substring(prefix.name().length()))
                        : null;
                if (rest != null && rest.takes(kind)) {
                    return Optional.of(scaled(prefix, rest));
                }
            }
        }
        return Optional.empty();
    }

    /** A unit by a symbol, not by its name in words. */
    private @org.jspecify.annotations.Nullable UnitListing bare(String symbol) {
        UnitListing own = bySymbol.get(symbol);
        UnitListing other = byOther.get(symbol);
        return own != null ? own : other != null && (symbol.length() <= 2 || symbol.indexOf('[') >= 0) ? other : null;
    }

    private Optional<Atom> prefixedCode(String text) {
        return Stream.of("si", "large", "bin")
                .flatMap(kind -> prefixes(kind)
                        .filter(prefix -> text.startsWith(prefix.ucum()))
                        .flatMap(prefix -> Optional.ofNullable(
                                byUcum.get(text.substring(prefix.ucum().length())))
                                .filter(listing -> listing.takes(kind))
                                .map(listing -> scaled(prefix, listing))
                                .stream()))
                .findFirst();
    }

    private static Stream<Prefix> prefixes(String... kinds) {
        return Stream.of(kinds).flatMap(kind -> Prefix.of(kind).stream());
    }

    private Atom scaled(Prefix prefix, UnitListing listing) {
        Atom atom = listing.atom();
        String symbol = prefix.symbol() + atom.symbol();
        return new Atom(
                symbol,
                atom.dimension(),
                Factors.times(prefix.factor(), atom.factor()),
                Rational.ZERO,
                symbol.equals("kg"),
                prefixed(prefix, atom.parts()));
    }

    /** The prefix of a short form goes to its first part: {@code kWh} is {@code kW·h}; not where that has one already. */
    private List<Unit.Power> prefixed(Prefix prefix, List<Unit.Power> parts) {
        UnitListing first =
                parts.isEmpty() ? null : bySymbol.get(parts.get(0).atom().symbol());
        if (first == null || !first.takes("si")) {
            return List.of();
        }
        List<Unit.Power> prefixed = new ArrayList<>(parts);
        prefixed.set(0, new Unit.Power(scaled(prefix, first), parts.get(0).exponent()));
        return prefixed;
    }

    /** What a dimension is, in words: {@code a mass}, {@code a speed}; in powers of base quantities where it has no word. */
    public static String measures(Dimension dimension) {
        return Measures.of(dimension);
    }

    /** Whether somebody who wrote this word as a unit is told what to write in its place. */
    public boolean isNearUnit(String word) {
        return NO_UNITS.containsKey(word) || !like(word).isEmpty();
    }

    /** That a word is no unit, with the reason or the unit that may be meant. */
    public String unknown(String word) {
        String reason = NO_UNITS.get(word);
        return reason != null
                ? "`" + word + "` is not a unit: " + reason + "."
                : "`" + word + "` is not a unit that is known here."
                        + like(word).stream()
                                .findFirst()
                                .map(near -> " Did you mean `" + near + "`?")
                                .orElse(" The guide lists those there are.");
    }

    /** Symbols near a word that is none: the same in another case or with an s, or one letter away from a name. */
    public List<String> like(String word) {
        List<String> near = new ArrayList<>();
        prefixesAndSymbols().filter(each -> each.equalsIgnoreCase(word)).forEach(near::add);
        if (word.length() > 2 && word.endsWith("s")) {
            String one = word.substring(0, word.length() - 1);
            prefixesAndSymbols().filter(one::equals).forEach(near::add);
        }
        if (word.length() > 3) {
            byOther.keySet().stream()
                    .filter(name -> name.length() > 3
                            && org.apache.commons.text.similarity.LevenshteinDistance.getDefaultInstance()
                                            .apply(name, word)
                                    == 1)
                    .forEach(near::add);
        }
        return near.stream().distinct().toList();
    }

    private Stream<String> prefixesAndSymbols() {
        return Stream.concat(
                bySymbol.keySet().stream(),
                bySymbol.values().stream()
                        .flatMap(listing -> listing.prefixes().stream()
                                .flatMap(UnitCatalogue::prefixes)
                                .map(prefix -> prefix.symbol() + listing.symbol())));
    }

    /** Units that begin with some letters, by symbol or name, for completion: the symbol itself first. */
    public List<UnitListing> startingWith(String letters) {
        return Stream.concat(
                        bySymbol.values().stream().filter(each -> each.symbol().startsWith(letters)),
                        bySymbol.values().stream().filter(each -> each.name().startsWith(letters)))
                .distinct()
                .toList();
    }
}
