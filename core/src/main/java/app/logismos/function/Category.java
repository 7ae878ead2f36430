package app.logismos.function;

/** The groups of section 6 of the language, in its order. */
public enum Category {
    ARITHMETIC("Arithmetic"),
    ROUNDING("Rounding"),
    WHOLE_NUMBERS("Whole numbers"),
    COUNTING("Counting"),
    ANGLES("Angles"),
    COMPLEX("Complex numbers"),
    STATISTICS("Statistics"),
    DISTRIBUTIONS("Distributions and special functions"),
    ALGEBRA("Algebra"),
    TABLES("Tables"),
    LOGIC("Logic"),
    TEXT("Text"),
    DATES("Dates"),
    MONEY("Money over time"),
    SECURITIES("Securities"),
    BITS("Bits"),
    UNITS("Units");

    private final String title;

    Category(String title) {
        this.title = title;
    }

    /** As a heading. */
    public String title() {
        return title;
    }
}
