package app.logismos.function;

/** The groups of section 6 of the language, in its order. */
public enum Category {
    ARITHMETIC("Arithmetic"),
    ROUNDING("Rounding"),
    COUNTING("Counting"),
    ANGLES("Angles"),
    STATISTICS("Statistics"),
    LOGIC("Logic");

    private final String title;

    Category(String title) {
        this.title = title;
    }

    /** As a heading. */
    public String title() {
        return title;
    }
}
