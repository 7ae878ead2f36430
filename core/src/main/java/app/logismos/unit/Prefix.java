package app.logismos.unit;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.List;
import java.util.stream.Stream;

/**
 * A prefix of units.
 *
 * @param symbols the usual one first
 * @param ucum as UCUM writes it
 */
record Prefix(List<String> symbols, String name, Rational factor, String ucum) {
    /** SI brochure, table 7. */
    static final List<Prefix> SI = Stream.of(
                    si("da", "deca", 1),
                    si("h", "hecto", 2),
                    si("k", "kilo", 3),
                    si("M", "mega", 6),
                    si("G", "giga", 9),
                    si("T", "tera", 12),
                    si("P", "peta", 15),
                    si("E", "exa", 18),
                    si("Z", "zetta", 21),
                    si("Y", "yotta", 24),
                    si("R", "ronna", 27),
                    si("Q", "quetta", 30),
                    si("d", "deci", -1),
                    si("c", "centi", -2),
                    si("m", "milli", -3),
                    new Prefix(List.of("µ", "μ", "u"), "micro", power(10, -6), "u"),
                    si("n", "nano", -9),
                    si("p", "pico", -12),
                    si("f", "femto", -15),
                    si("a", "atto", -18),
                    si("z", "zepto", -21),
                    si("y", "yocto", -24),
                    si("r", "ronto", -27),
                    si("q", "quecto", -30))
            .toList();

    /** The SI's for data, which do not come in tenths (IEC 80000-13, 9-12). */
    private static final List<Prefix> LARGE = SI.stream()
            .filter(prefix -> prefix.factor().compareTo(Rational.of(100)) > 0)
            .toList();

    /** IEC 80000-13, 4. */
    static final List<Prefix> BINARY = List.of(
            binary("Ki", "kibi", 10),
            binary("Mi", "mebi", 20),
            binary("Gi", "gibi", 30),
            binary("Ti", "tebi", 40),
            binary("Pi", "pebi", 50),
            binary("Ei", "exbi", 60),
            binary("Zi", "zebi", 70),
            binary("Yi", "yobi", 80));

    /** The prefixes of a kind: {@code si}, those of them that make {@code large} units, {@code bin}. */
    static List<Prefix> of(String kind) {
        return switch (kind) {
            case "si" -> SI;
            case "large" -> LARGE;
            case "bin" -> BINARY;
            default -> throw new IllegalArgumentException("a kind of prefixes is si, large or bin, was " + kind);
        };
    }

    String symbol() {
        return symbols.get(0);
    }

    private static Prefix si(String symbol, String name, int exponent) {
        return new Prefix(List.of(symbol), name, power(10, exponent), symbol);
    }

    private static Prefix binary(String symbol, String name, int exponent) {
        return new Prefix(List.of(symbol), name, power(2, exponent), symbol);
    }

    private static Rational power(long base, int exponent) {
        Real power = (Real) Rational.of(base).power(Rational.of(exponent));
        return (Rational) power;
    }
}
