package app.logismos.value;

/** What an expression is worth and a cell can hold (language, section 3). Immutable. */
public sealed interface Value
        permits NumberValue,
                Quantity,
                ComplexValue,
                Algebraic,
                OwnFunction,
                Moment,
                Text,
                Truth,
                Blank,
                Missing,
                Table,
                Failure {
    /** The kind, as the language names it. */
    Kind kind();

    /** Whether this is the value itself, and no number in it is only near one. */
    default boolean isExact() {
        return true;
    }

    /** Dispatches on the kind. For a new kind of value the compiler names every place to change. */
    <R> R accept(Visitor<R> visitor);

    /** A visitor with one method for each kind of value. */
    interface Visitor<R> {
        R number(NumberValue number);

        R quantity(Quantity quantity);

        R complex(ComplexValue number);

        R expression(Algebraic expression);

        R function(OwnFunction function);

        R moment(Moment moment);

        R text(Text text);

        R truth(Truth truth);

        R blank();

        R missing();

        R table(Table table);

        R failure(Failure failure);
    }
}
