package app.logismos.catalogue;

import app.logismos.function.Function;
import app.logismos.function.algebra.AlgebraFunctions;
import app.logismos.function.angle.AngleFunctions;
import app.logismos.function.arithmetic.ArithmeticFunctions;
import app.logismos.function.arithmetic.BaseFunctions;
import app.logismos.function.arithmetic.BitFunctions;
import app.logismos.function.arithmetic.RoundingFunctions;
import app.logismos.function.arithmetic.SeriesFunctions;
import app.logismos.function.arithmetic.WholeNumberFunctions;
import app.logismos.function.complex.ComplexNumberFunctions;
import app.logismos.function.counting.CountingFunctions;
import app.logismos.function.date.DateFunctions;
import app.logismos.function.logic.KindFunctions;
import app.logismos.function.logic.LogicFunctions;
import app.logismos.function.money.FormerCurrencies;
import app.logismos.function.money.LoanFunctions;
import app.logismos.function.money.MoneyFunctions;
import app.logismos.function.money.SecurityFunctions;
import app.logismos.function.statistics.BesselFunctions;
import app.logismos.function.statistics.ChanceFunctions;
import app.logismos.function.statistics.DistributionFunctions;
import app.logismos.function.statistics.RegressionFunctions;
import app.logismos.function.statistics.SignificanceFunctions;
import app.logismos.function.statistics.SpreadFunctions;
import app.logismos.function.statistics.StatisticsFunctions;
import app.logismos.function.table.DocumentFunctions;
import app.logismos.function.table.LookupFunctions;
import app.logismos.function.table.RecordFunctions;
import app.logismos.function.table.TableFunctions;
import app.logismos.function.text.TextFunctions;
import app.logismos.function.text.WideTextFunctions;
import app.logismos.function.text.WritingFunctions;
import app.logismos.function.unit.UnitFunctions;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** All functions and constants of the language, found by name in any case. */
public final class Catalogue {
    /** The catalogue that ships with the program. */
    public static final Catalogue STANDARD = new Catalogue(Stream.of(
                    ArithmeticFunctions.ALL,
                    SeriesFunctions.ALL,
                    RoundingFunctions.ALL,
                    WholeNumberFunctions.ALL,
                    BaseFunctions.ALL,
                    CountingFunctions.ALL,
                    AngleFunctions.ALL,
                    ComplexNumberFunctions.ALL,
                    StatisticsFunctions.ALL,
                    SpreadFunctions.ALL,
                    RegressionFunctions.ALL,
                    SignificanceFunctions.ALL,
                    DistributionFunctions.ALL,
                    ChanceFunctions.ALL,
                    BesselFunctions.ALL,
                    AlgebraFunctions.ALL,
                    TableFunctions.ALL,
                    LookupFunctions.ALL,
                    DocumentFunctions.ALL,
                    RecordFunctions.ALL,
                    LogicFunctions.ALL,
                    KindFunctions.ALL,
                    TextFunctions.ALL,
                    WritingFunctions.ALL,
                    WideTextFunctions.ALL,
                    DateFunctions.ALL,
                    MoneyFunctions.ALL,
                    LoanFunctions.ALL,
                    SecurityFunctions.ALL,
                    FormerCurrencies.ALL,
                    BitFunctions.ALL,
                    UnitFunctions.ALL)
            .flatMap(List::stream)
            .toList());

    private final List<Function> functions;
    private final Map<String, Function> byName = new HashMap<>();
    private final Map<String, Constant> constants = new HashMap<>();

    private Catalogue(List<Function> functions) {
        this.functions = functions;
        Constants.ALL.forEach(constant -> constants.put(key(constant.name()), constant));
        for (Function function : functions) {
            Stream.concat(Stream.of(function.name()), function.synonyms().stream())
                    .forEach(name -> {
                        if (byName.put(key(name), function) != null) {
                            throw new IllegalArgumentException("a function's name must be its own, was " + name);
                        }
                    });
        }
    }

    /** All functions, by category and then in the order in which they are declared. */
    public List<Function> functions() {
        return functions;
    }

    /** The function with this name or synonym. */
    public Optional<Function> function(String name) {
        return Optional.ofNullable(byName.get(key(name)));
    }

    /** All constants, those of mathematics first. */
    public List<Constant> constants() {
        return Constants.ALL;
    }

    /** The constant with this name. */
    public Optional<Constant> constant(String name) {
        return Optional.ofNullable(constants.get(key(name)));
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
