package app.logismos.unit;

import app.logismos.number.PiMultiple;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
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
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * All units, from {@code units.csv}, and money by its codes in ISO 4217, exchanged at {@link Rates}. A catalogue does not
 * change; one with other rates is another catalogue. Symbols are told apart by case. A unit's own symbol goes before a prefix with another unit ({@code cd}, {@code min}, {@code ft}), and both before
 * a code of UCUM, the Unified Code for Units of Measure.
 */
public final class UnitCatalogue {
    /** What results are shown in: ten and two derived units, and the base units, so that V/Ω is A. */
    private static final List<String> NAMED =
            List.of("N", "Pa", "J", "W", "C", "V", "F", "Ω", "S", "Wb", "T", "H", "m", "s", "A", "K", "mol", "cd");

    private static final String FUEL_USE = "Fuel use";

    /** In front of a factor that its source gives measured or rounded. */
    private static final String ROUNDED = "~";

    private static final String SI_BROCHURE = "SI brochure table";
    /** What UCUM allows to be said about a unit, without a meaning for its size: {@code mL{total}}. */
    private static final Pattern ANNOTATION = Pattern.compile("\\{[^{}]*\\}");

    /** Words that people write as units and that are none, with the reason. */
    private static final Map<String, String> NO_UNITS = noUnits();

    private static final int MOST_REMEMBERED = 10_000;

    private static final String FILE = "units.csv";

    /** Signs for inches and seconds of arc are no quotes. */
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader(Column.class)
            .setQuote(null)
            .setCommentMarker('#')
            .setIgnoreEmptyLines(true)
            .get();

    /** The parts of a line, as the head of the file says. */
    private enum Column {
        SYMBOL,
        OTHERS,
        NAME,
        PLURAL,
        FACTOR,
        OF,
        OFFSET,
        UCUM,
        PREFIXES,
        GROUP,
        SOURCE
    }

    /** The catalogue that ships with the program, with its sample rates. */
    public static final UnitCatalogue STANDARD = shipped();

    private final Map<String, UnitListing> bySymbol;
    private final Map<String, UnitListing> byOther;
    private final Map<String, UnitListing> byUcum;
    private final Map<Dimension, Unit> named;
    private final Rates rates;
    private final Map<String, UnitListing> currencies = new LinkedHashMap<>();
    private final Map<String, UnitListing> currenciesByName = new LinkedHashMap<>();

    /** What texts were found to spell. */
    private final Map<String, Optional<Atom>> atoms = new ConcurrentHashMap<>();

    private final Map<String, Optional<Unit>> units = new ConcurrentHashMap<>();

    /**
     * Reads a catalogue.
     *
     * @throws IllegalArgumentException where a line is no unit, with the line and the reason
     */
    UnitCatalogue(Reader units) throws IOException {
        bySymbol = new LinkedHashMap<>();
        byOther = new LinkedHashMap<>();
        byUcum = new LinkedHashMap<>();
        named = new LinkedHashMap<>();
        rates = Rates.SAMPLE;
        try (CSVParser lines = FORMAT.parse(units)) {
            for (CSVRecord line : lines) {
                read(line, lines.getCurrentLineNumber());
            }
        }
        exchange();
    }

    private UnitCatalogue(UnitCatalogue other, Rates rates) {
        bySymbol = other.bySymbol;
        byOther = other.byOther;
        byUcum = other.byUcum;
        named = other.named;
        this.rates = rates;
        exchange();
    }

    private void exchange() {
        for (Rates.Rate rate : rates.rates()) {
            if (bySymbol.containsKey(rate.code()) || byOther.containsKey(rate.code())) {
                throw new IllegalArgumentException("`" + rate.code() + "` is a unit already.");
            }
            UnitListing currency = money(rate);
            currencies.put(rate.code(), currency);
            names(currency).forEach(name -> currenciesByName.put(name, currency));
        }
    }

    private void read(CSVRecord line, long number) {
        try {
            add(listing(line));
        } catch (IllegalArgumentException | ArithmeticException unfit) {
            throw new IllegalArgumentException(FILE + ", line " + number + ": " + unfit.getMessage(), unfit);
        }
    }

    /** The rates between currencies. */
    public Rates rates() {
        return rates;
    }

    /**
     * The same units, and currencies that are exchanged at these rates. Quantities that were read with another catalogue
     * keep the rates of that one.
     *
     * @throws IllegalArgumentException where the code of a currency is the symbol of another unit
     */
    public UnitCatalogue with(Rates others) {
        return new UnitCatalogue(this, others);
    }

    private static Map<String, String> noUnits() {
        String months = "months differ in length. Write `day`, `week` or `year`, or count months with `addmonths`";
        String levels = "it counts on a logarithmic scale. Write the ratio itself, as a plain number";
        return Map.of(
                "month", months, "months", months, "dB", levels, "decibel", levels, "decibels", levels, "Np", levels);
    }

    private static UnitCatalogue shipped() {
        try (Reader units = new InputStreamReader(
                Objects.requireNonNull(UnitCatalogue.class.getResourceAsStream(FILE)), StandardCharsets.UTF_8)) {
            return new UnitCatalogue(units);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private UnitListing listing(CSVRecord line) {
        String symbol = line.get(Column.SYMBOL);
        String of = line.get(Column.OF);
        String size = line.get(Column.FACTOR);
        boolean isOfSi = line.get(Column.SOURCE).startsWith(SI_BROCHURE);
        Optional<Base> base =
                Stream.of(Base.values()).filter(each -> each.name().equals(of)).findFirst();
        boolean isRounded = size.startsWith(ROUNDED);
        Real factor = size.isEmpty() ? Rational.ONE : factor(isRounded ? size.substring(1) : size);
        Rational offset = line.get(Column.OFFSET).isEmpty()
                ? Rational.ZERO
                : Rational.of(new BigDecimal(line.get(Column.OFFSET)));
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
            boolean isShort =
                    factor.equals(Rational.ONE) || line.get(Column.GROUP).equals(FUEL_USE);
            if (isShort && defining.powers().size() > 1 && !isOfSi) {
                parts = defining.powers();
            }
            isRounded |= !defining.factor().isExact() && factor.isExact();
            factor = Factors.times(factor, defining.factor());
            dimension = defining.dimension();
        }
        boolean isCoherent =
                isOfSi && !line.get(Column.SOURCE).endsWith("8") && factor.equals(Rational.ONE) && offset.signum() == 0;
        return new UnitListing(
                new Atom(symbol, dimension, factor, offset, isCoherent, isRounded ? symbol : "", parts),
                words(line.get(Column.OTHERS)),
                line.get(Column.NAME),
                line.get(Column.PLURAL),
                line.get(Column.UCUM),
                words(line.get(Column.PREFIXES)),
                line.get(Column.GROUP),
                line.get(Column.SOURCE));
    }

    private static List<String> words(String text) {
        return text.isEmpty() ? List.of() : List.of(text.split(" "));
    }

    private static UnitListing money(Rates.Rate rate) {
        Atom atom = new Atom(
                rate.code(), Dimension.of(Base.MONEY), Rational.of(rate.euros()), Rational.ZERO, false, "", List.of());
        return new UnitListing(
                atom,
                List.of(),
                rate.name(),
                rate.plural(),
                "",
                List.of(),
                "Money",
                "ISO 4217; the rate can be edited");
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
        atoms.clear();
        names(listing).forEach(name -> byOther.putIfAbsent(name, listing));
        if (!listing.ucum().isEmpty()) {
            byUcum.putIfAbsent(listing.ucum(), listing);
        }
        if (NAMED.contains(listing.symbol())) {
            named.put(listing.atom().dimension(), Unit.of(listing.atom()));
        }
    }

    /** What a unit is read by besides its symbol. */
    private static Stream<String> names(UnitListing listing) {
        return Stream.concat(listing.others().stream(), Stream.of(listing.name(), listing.plural()))
                .filter(name -> name.indexOf(' ') < 0);
    }

    /** All lines, in the order of the catalogue, and all currencies. */
    public Collection<UnitListing> listings() {
        return all().toList();
    }

    private Stream<UnitListing> all() {
        return Stream.concat(bySymbol.values().stream(), currencies.values().stream());
    }

    /** The line of a unit, with the prefix taken off. */
    public Optional<UnitListing> listing(Atom atom) {
        UnitListing own = bySymbol.getOrDefault(atom.symbol(), currencies.get(atom.symbol()));
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

    /** The unit that begins at a place of a text, as far as it goes; nothing where none begins there. */
    public Optional<UnitReader.Read> at(String text, int start) {
        return new UnitReader(this, text).from(start);
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
        Optional<Atom> known = atoms.get(text);
        if (known == null) {
            known = find(text);
            if (atoms.size() < MOST_REMEMBERED) {
                atoms.put(text, known);
            }
        }
        return known;
    }

    private Optional<Atom> find(String text) {
        UnitListing own = bySymbol.getOrDefault(text, byOther.get(text));
        if (own != null) {
            return Optional.of(own.atom());
        }
        return currency(text)
                .or(() -> prefixed(text))
                .or(() -> Optional.ofNullable(byUcum.get(text)).map(UnitListing::atom))
                .or(() -> prefixedCode(text));
    }

    private Optional<Atom> currency(String text) {
        return Optional.ofNullable(currencies.getOrDefault(text, currenciesByName.get(text)))
                .map(UnitListing::atom);
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
                atom.rounded(),
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
            Stream.concat(byOther.keySet().stream(), currenciesByName.keySet().stream())
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
                all().map(UnitListing::symbol),
                bySymbol.values().stream()
                        .flatMap(listing -> listing.prefixes().stream()
                                .flatMap(UnitCatalogue::prefixes)
                                .map(prefix -> prefix.symbol() + listing.symbol())));
    }

    /** Units that begin with some letters, by symbol or name, for completion: the symbol itself first. */
    public List<UnitListing> startingWith(String letters) {
        return Stream.concat(
                        all().filter(each -> each.symbol().startsWith(letters)),
                        all().filter(each -> each.name().startsWith(letters)))
                .distinct()
                .toList();
    }
}
