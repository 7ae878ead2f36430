package app.logismos.value;

/** What an expression is worth and a cell can hold (language, section 3). Immutable. */
public sealed interface Value
        permits NumberValue, Quantity, Algebraic, OwnFunction, Moment, Text, Truth, Blank, Missing, Table, Failure {
    /** The kind, as the language names it. */
    Kind kind();

    /** Dispatches on the kind. For a new kind of value the compiler names every place to change. */
    <R> R accept(Visitor<R> visitor);

    /** A visitor with one method for each kind of value. */
    interface Visitor<R> {
        R number(NumberValue number);

        R quantity(Quantity quantity);

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
