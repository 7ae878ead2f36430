package app.logismos.function.table;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.TABLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Criterion;
import app.logismos.function.Function;
import app.logismos.function.statistics.StatisticsFunctions;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * Records in a table whose first row names the fields. Conditions are a table likewise: those of one row must all hold,
 * and one row must (OpenFormula 4.11.9 and 6.9).
 */
public final class RecordFunctions {
    private static final String LOTS = "{\"lot\", \"kg\"; \"a\", 2; \"b\", 8; \"a\", 4}, \"kg\", ";
    private static final String OF_A = LOTS + "{\"lot\"; \"a\"}";
    private static final String HEAVY = LOTS + "{\"kg\"; \">3\"}";

    public static final List<Function> ALL = List.of(
            records("recordsum", "DSUM", "Adds the numbers of a field in the records that fulfil conditions.")
                    .example(call("recordsum", OF_A), "6")
                    .example(call("recordsum", HEAVY), "12")
                    .related("sumif", "recordmean")
                    .computes(given -> Algebra.sum(numbers(given))),
            records(
                            "recordproduct",
                            "DPRODUCT",
                            "Multiplies the numbers of a field in the records that fulfil conditions.")
                    .example(call("recordproduct", OF_A), "8")
                    .example(call("recordproduct", HEAVY), "32")
                    .related("recordsum", "product")
                    .computes(given -> Algebra.product(numbers(given))),
            records("recordcount", "DCOUNT", "How many numbers a field has in the records that fulfil conditions.")
                    .example(call("recordcount", OF_A), "2")
                    .example(call("recordcount", LOTS + "{\"kg\"; \">9\"}"), "0")
                    .related("recordcounta", "countif")
                    .computes(given -> Rational.of(numbers(given).size())),
            records(
                            "recordcounta",
                            "DCOUNTA",
                            "How many cells of a field are filled in the records that fulfil conditions.")
                    .example(call("recordcounta", OF_A), "2")
                    .example(call("recordcounta", HEAVY), "2")
                    .related("recordcount", "counta")
                    .computes(given -> Rational.of(fields(given).size())),
            records("recordmean", "DAVERAGE", "The mean of a field in the records that fulfil conditions.")
                    .example(call("recordmean", OF_A), "3")
                    .example(call("recordmean", HEAVY), "6")
                    .related("meanif", "mean")
                    .computes(given -> Algebra.mean(some(given, 1))),
            records("recordmin", "DMIN", "The smallest number of a field in the records that fulfil conditions.")
                    .example(call("recordmin", OF_A), "2")
                    .example(call("recordmin", HEAVY), "4")
                    .related("recordmax", "min")
                    .computes(given -> Collections.min(some(given, 1))),
            records("recordmax", "DMAX", "The largest number of a field in the records that fulfil conditions.")
                    .example(call("recordmax", OF_A), "4")
                    .example(call("recordmax", HEAVY), "8")
                    .related("recordmin", "max")
                    .computes(given -> Collections.max(some(given, 1))),
            records("recordvariance", "DVAR", "The sample's variance of a field in the records that fulfil conditions.")
                    .example(call("recordvariance", OF_A), "2")
                    .example(call("recordvariance", HEAVY), "8")
                    .related("variance", "recordstdev")
                    .computes(given -> StatisticsFunctions.variance(some(given, 2), 1)),
            records(
                            "recordstdev",
                            "DSTDEV",
                            "The sample's standard deviation of a field in the records that fulfil conditions.")
                    .example(call("recordstdev", OF_A), "√2")
                    .example(call("recordstdev", HEAVY), "2√2")
                    .related("stdev", "recordvariance")
                    .computes(given -> Algebra.sqrt(StatisticsFunctions.variance(some(given, 2), 1))),
            records(
                            "recordvariancep",
                            "DVARP",
                            "The population's variance of a field in the records that fulfil conditions.")
                    .example(call("recordvariancep", OF_A), "1")
                    .example(call("recordvariancep", HEAVY), "4")
                    .related("variancep", "recordstdevp")
                    .computes(given -> StatisticsFunctions.variance(some(given, 1), 0)),
            records(
                            "recordstdevp",
                            "DSTDEVP",
                            "The population's standard deviation of a field in the records that fulfil conditions.")
                    .example(call("recordstdevp", OF_A), "1")
                    .example(call("recordstdevp", HEAVY), "2")
                    .related("stdevp", "recordvariancep")
                    .computes(given -> Algebra.sqrt(StatisticsFunctions.variance(some(given, 1), 0))),
            records("recordget", "DGET", "The field of the one record that fulfils conditions.")
                    .example(call("recordget", LOTS + "{\"lot\"; \"b\"}"), "8")
                    .example(call("recordget", LOTS + "{\"lot\", \"kg\"; \"a\", \">3\"}"), "4")
                    .refuses(call("recordget", OF_A), ErrorCode.WRONG_ARGUMENTS)
                    .related("lookup", "recordcount")
                    .answers(RecordFunctions::only));

    private RecordFunctions() {}

    private static String call(String name, String arguments) {
        return name + "(" + arguments + ")";
    }

    private static Function records(String name, String identifier, String says) {
        return function(name, Category.TABLES)
                .alsoRead(identifier)
                .says(says)
                .argument("records", TABLE, "the names of the fields, and a record in each further row")
                .argument("field", ANY, "the name of a field, or its number from 1")
                .argument(
                        "conditions",
                        TABLE,
                        "names of fields, and in each further row conditions of which all must hold")
                .from("OpenFormula 6.9")
                .refuses(call(name, "{\"kg\"; 2}, \"lb\", {\"kg\"; 2}"), ErrorCode.NOT_FOUND);
    }

    private static List<Real> numbers(Arguments given) {
        List<Real> numbers = new ArrayList<>();
        for (Value value : fields(given)) {
            given.numberIn("records", value).ifPresent(numbers::add);
        }
        return numbers;
    }

    private static List<Real> some(Arguments given, int least) {
        List<Real> numbers = numbers(given);
        if (numbers.size() < least) {
            throw given.wrong(
                    "conditions", "conditions that " + least + " or more records fulfil", numbers.size() + " of them");
        }
        return numbers;
    }

    private static Value only(Arguments given) {
        List<Value> fields = fields(given);
        if (fields.isEmpty()) {
            return Failure.of(ErrorCode.NOT_FOUND, "No record fulfils the conditions.");
        }
        if (fields.size() > 1) {
            throw given.wrong("conditions", "conditions that one record fulfils", fields.size() + " of them");
        }
        return fields.get(0);
    }

    /** The filled fields of the records that fulfil the conditions. */
    private static List<Value> fields(Arguments given) {
        Table records = given.table("records");
        int field = field(records, given.value("field"));
        List<Map<Integer, Criterion>> conditions = conditions(given, records);
        List<Value> fields = new ArrayList<>();
        for (int row = 1; row < records.rows(); row++) {
            int at = row;
            boolean fulfils = conditions.stream()
                    .anyMatch(all -> all.entrySet().stream()
                            .allMatch(each -> each.getValue().holds(records.at(at, each.getKey()))));
            if (fulfils && records.at(row, field) != Blank.BLANK) {
                fields.add(records.at(row, field));
            }
        }
        return fields;
    }

    private static List<Map<Integer, Criterion>> conditions(Arguments given, Table records) {
        Table table = given.table("conditions");
        List<Map<Integer, Criterion>> conditions = new ArrayList<>();
        for (int row = 1; row < table.rows(); row++) {
            Map<Integer, Criterion> all = new TreeMap<>();
            for (int column = 0; column < table.columns(); column++) {
                if (table.at(row, column) != Blank.BLANK) {
                    all.put(
                            field(records, table.at(0, column)),
                            Criterion.of(
                                    table.at(row, column), given.surroundings().reading()));
                }
            }
            conditions.add(all);
        }
        return conditions;
    }

    private static int field(Table records, Value wanted) {
        for (int column = 0; column < records.columns(); column++) {
            boolean isNamed = wanted instanceof Text name
                    && records.at(0, column) instanceof Text heading
                    && heading.text()
                            .toLowerCase(Locale.ROOT)
                            .equals(name.text().toLowerCase(Locale.ROOT));
            if (isNamed || wanted.equals(NumberValue.of(column + 1L))) {
                return column;
            }
        }
        throw new Arguments.Refused(
                Failure.of(ErrorCode.NOT_FOUND, "No field is called " + PlainText.of(wanted) + " in the first row."));
    }
}
