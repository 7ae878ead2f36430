package app.logismos.unit;

import java.util.List;

/**
 * A line of the catalogue: a unit with all that the guide shows of it.
 *
 * @param others further symbols it is read by
 * @param ucum its code in UCUM; empty where it has none
 * @param prefixes {@code si}, {@code large} or {@code bin}, several, or none
 * @param source where its factor comes from
 */
public record UnitListing(
        Atom atom,
        List<String> others,
        String name,
        String plural,
        String ucum,
        List<String> prefixes,
        String group,
        String source) {
    /** Its symbol. */
    public String symbol() {
        return atom.symbol();
    }

    /** In a sentence: {@code a mass}, or its powers of base quantities where it is a product. */
    public String measures() {
        return UnitCatalogue.measures(atom.dimension());
    }

    /** In powers of base quantities: {@code length/time^2}. */
    public String dimension() {
        return atom.dimension().formula();
    }

    boolean takes(String prefixKind) {
        return prefixes.contains(prefixKind);
    }
}
