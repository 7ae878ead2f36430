package app.logismos.formula;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.evaluate.RandomExpression;
import app.logismos.evaluate.Words;
import app.logismos.value.Span;
import org.junit.jupiter.api.Test;

class PrinterTest {
    @Test
    void readingWhatWasPrintedGivesTheSameExpression() {
        Seeded.cases(3_000, random -> {
            Address origin = new Address(random.nextInt(30), random.nextInt(200));
            String typed = RandomExpression.withReferences(random).text();
            Expression first = parse(typed, origin);
            String printed = Printer.text(first, origin);
            Expression second = parse(printed, origin);
            assertThat(second)
                    .as(printed)
                    .usingRecursiveComparison()
                    .ignoringFieldsOfTypes(Span.class)
                    .ignoringFields("source")
                    .isEqualTo(first);
            assertThat(Printer.text(second, origin)).isEqualTo(printed);
        });
    }

    @Test
    void everyNodeIsFoundInThePrintedText() {
        Seeded.cases(500, random -> {
            Expression expression =
                    parse(RandomExpression.withReferences(random).text(), Address.FIRST);
            Printer.Printed printed = Printer.print(expression, Address.FIRST);
            Walk.visit(
                    expression,
                    node -> assertThat(printed.places().get(node).in(printed.text()))
                            .isEqualTo(Printer.text(node, Address.FIRST)));
        });
    }

    private static Expression parse(String text, Address origin) {
        Parser.Outcome outcome = Parser.parse(text, 0, origin, Words.STANDARD);
        assertThat(outcome).as(text).isInstanceOf(Parser.Outcome.Parsed.class);
        return ((Parser.Outcome.Parsed) outcome).expression();
    }
}
