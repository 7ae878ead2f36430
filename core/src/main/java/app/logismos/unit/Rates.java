package app.logismos.unit;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** How many euros one unit of each currency is worth. Codes are those of ISO 4217; there is none twice. */
public record Rates(List<Rate> rates) {
    private static final String EURO = "EUR";
    private static final Pattern CODE = Pattern.compile("[A-Z]{3}");
    private static final Pattern WORDS = Pattern.compile("[^,\\p{Cntrl}]{1,40}");
    private static final int MOST = 200;
    private static final int MOST_DIGITS = 30;

    /** The table that ships with the program: made up and rounded, for trying things out. */
    public static final Rates SAMPLE = read(resource());

    /**
     * What a currency is worth.
     *
     * @param plural its name where there are several
     * @param euros more than 0; 1 for the euro itself
     */
    public record Rate(String code, String name, String plural, BigDecimal euros) {}

    public Rates {
        rates = List.copyOf(rates);
        Set<String> codes = new HashSet<>();
        for (Rate rate : rates) {
            check(rate);
            if (!codes.add(rate.code())) {
                throw new IllegalArgumentException("`" + rate.code() + "` is there twice.");
            }
        }
        if (!codes.contains(EURO)) {
            throw new IllegalArgumentException("`EUR` must be there, since all others are counted in it.");
        }
        if (rates.size() > MOST) {
            throw new IllegalArgumentException("There are " + MOST + " currencies at the most.");
        }
    }

    private static void check(Rate rate) {
        if (!CODE.matcher(rate.code()).matches()) {
            throw new IllegalArgumentException(
                    "A currency has a code of three capital letters, as in `EUR`, and `" + rate.code() + "` is none.");
        }
        if (!WORDS.matcher(rate.name()).matches()
                || !WORDS.matcher(rate.plural()).matches()) {
            throw new IllegalArgumentException(
                    "`" + rate.code() + "` needs a name of 1 to 40 letters, without a comma.");
        }
        BigDecimal euros = rate.euros();
        boolean isShort = euros.precision() <= MOST_DIGITS && Math.abs(euros.scale()) <= MOST_DIGITS;
        if (euros.signum() <= 0 || !isShort) {
            throw new IllegalArgumentException("The rate of `" + rate.code() + "` must be a number above 0 of at most "
                    + MOST_DIGITS + " digits.");
        }
        if (rate.code().equals(EURO) && euros.compareTo(BigDecimal.ONE) != 0) {
            throw new IllegalArgumentException("One `EUR` is 1 euro. Change the rates of the others.");
        }
    }

    /**
     * Reads lines of code, name, plural and euros with commas between them; those that begin with # are passed over.
     *
     * @throws IllegalArgumentException where a line is none of these
     */
    public static Rates read(List<String> lines) {
        List<Rate> rates = new ArrayList<>();
        for (String line : lines) {
            if (!line.isBlank() && !line.startsWith("#")) {
                rates.add(rate(line));
            }
        }
        return new Rates(rates);
    }

    private static Rate rate(String line) {
        String[] cells = line.split(",", -1);
        if (cells.length != 4) {
            throw new IllegalArgumentException(
                    "A line has a code, a name, a plural and a rate, and this has not: " + line);
        }
        try {
            return new Rate(cells[0].strip(), cells[1].strip(), cells[2].strip(), new BigDecimal(cells[3].strip()));
        } catch (NumberFormatException noNumber) {
            throw new IllegalArgumentException("The rate in this line is no number: " + line, noNumber);
        }
    }

    /** The rate of a currency. */
    public Optional<Rate> of(String code) {
        return rates.stream().filter(rate -> rate.code().equals(code)).findFirst();
    }

    /** Whether a rate is that of the sample; one euro is one euro in any table. */
    static boolean isSample(String code, Real euros) {
        return !code.equals(EURO)
                && SAMPLE.of(code)
                        .filter(sample -> Rational.of(sample.euros()).equals(euros))
                        .isPresent();
    }

    /** Whether this currency has the rate of the sample here. */
    public boolean isSample(String code) {
        return of(code).filter(own -> isSample(code, Rational.of(own.euros()))).isPresent();
    }

    private static List<String> resource() {
        try (InputStream in = Objects.requireNonNull(Rates.class.getResourceAsStream("rates.csv"));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines().toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
