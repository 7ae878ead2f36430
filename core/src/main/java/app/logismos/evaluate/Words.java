package app.logismos.evaluate;

import app.logismos.catalogue.Catalogue;
import app.logismos.catalogue.Everyday;
import app.logismos.formula.Binding;
import app.logismos.formula.Vocabulary;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import app.logismos.unit.UnitCatalogue;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** What the catalogue tells the parser, and which word a misspelt one may mean. */
public final class Words implements Vocabulary {
    /** The words of the standard catalogues. */
    public static final Words STANDARD = of(UnitCatalogue.STANDARD);

    private static final int MOST_SUGGESTIONS = 3;

    private final Catalogue catalogue;
    private final UnitCatalogue units;

    private Words(Catalogue catalogue, UnitCatalogue units) {
        this.catalogue = catalogue;
        this.units = units;
    }

    /** The words of the standard catalogue of functions, with these units. */
    public static Words of(UnitCatalogue units) {
        return new Words(Catalogue.STANDARD, units);
    }

    @Override
    public UnitCatalogue units() {
        return units;
    }

    @Override
    public Optional<List<String>> parameters(String function) {
        return catalogue
                .function(function)
                .map(found -> found.parameters().stream().map(Parameter::name).toList());
    }

    /** Words like {@code factor} were names of people's cells before they were functions of algebra, and may stay so. */
    @Override
    public boolean isFunctionName(String word) {
        return catalogue
                .function(word)
                .filter(function -> function.name().equalsIgnoreCase(word))
                .filter(function -> function.category() != Category.ALGEBRA)
                .isPresent();
    }

    @Override
    public Optional<Binding> binding(String function) {
        return catalogue.function(function).flatMap(Function::binding);
    }

    @Override
    public boolean isConstant(String word) {
        return catalogue.constant(word).isPresent();
    }

    @Override
    public List<String> functionsLike(String word) {
        List<String> meant = Everyday.meant(word);
        if (!meant.isEmpty()) {
            return meant;
        }
        List<String> near = near(
                        word,
                        catalogue.functions().stream()
                                .flatMap(function ->
                                        Stream.concat(Stream.of(function.name()), function.synonyms().stream())))
                .stream()
                .map(name -> catalogue.function(name).map(Function::name).orElse(name))
                .toList();
        return near.stream().distinct().toList();
    }

    /** Those of the words that are a letter or two away or begin alike, the nearest first. */
    public static List<String> near(String word, Stream<String> words) {
        String wanted = word.toLowerCase(Locale.ROOT);
        int most = wanted.length() <= 3 ? 1 : 2;
        LevenshteinDistance distance = new LevenshteinDistance(most);
        return words.filter(each -> distance(distance, wanted, each) <= most)
                .sorted(Comparator.comparingInt(each -> distance(distance, wanted, each)))
                .limit(MOST_SUGGESTIONS)
                .toList();
    }

    private static int distance(LevenshteinDistance distance, String wanted, String word) {
        String other = word.toLowerCase(Locale.ROOT);
        boolean beginsAlike = wanted.length() >= 3 && other.startsWith(wanted);
        int edits = beginsAlike ? 1 : distance.apply(wanted, other);
        return edits < 0 ? Integer.MAX_VALUE : edits;
    }
}
