package app.logismos.guide;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.tokenattributes.CharTermAttribute;
import org.apache.lucene.analysis.tokenattributes.PositionIncrementAttribute;
import org.apache.lucene.document.Document;
import org.apache.lucene.document.Field;
import org.apache.lucene.document.StringField;
import org.apache.lucene.document.TextField;
import org.apache.lucene.index.DirectoryReader;
import org.apache.lucene.index.IndexWriter;
import org.apache.lucene.index.IndexWriterConfig;
import org.apache.lucene.index.Term;
import org.apache.lucene.search.BooleanClause;
import org.apache.lucene.search.BooleanQuery;
import org.apache.lucene.search.BoostQuery;
import org.apache.lucene.search.ConstantScoreQuery;
import org.apache.lucene.search.DisjunctionMaxQuery;
import org.apache.lucene.search.FuzzyQuery;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.PrefixQuery;
import org.apache.lucene.search.Query;
import org.apache.lucene.search.ScoreDoc;
import org.apache.lucene.search.TermQuery;
import org.apache.lucene.search.similarities.BM25Similarity;
import org.apache.lucene.store.ByteBuffersDirectory;
import org.apache.lucene.store.Directory;

/**
 * Finds functions, units, constants, pages and commands by everyday words: by their names, by other words for them, by
 * what is said about them, whatever their endings.
 */
public final class Guide {
    /** How much it counts where a word stands. */
    private static final Map<String, Float> WEIGHTS = Map.of("title", 3f, "words", 2.5f, "says", 1f, "text", 0.4f);

    private static final float EXACT_NAME = 40;
    private static final float EXACT_TITLE = 20;
    private static final float BEGINNING = 1.5f;
    /** A word that means the same counts less than the word itself. */
    private static final float SAME_MEANING = 0.7f;
    /** Several fields that have a word count little more than the best of them. */
    private static final float ALSO_ELSEWHERE = 0.15f;

    private static final int LOOKED_AT = 200;

    /** What is asked in more words than that is asked in the first of them. */
    private static final int MOST_WORDS = 12;

    /** Shorter words are like everything; of a long one two letters may be wrong. */
    private static final int LEAST_LETTERS = 3;

    private static final int LONG_WORD = 6;

    /** So many words at the most are like one. */
    private static final int ALIKE = 10;

    /** Long lists of words are no disadvantage. */
    private static final BM25Similarity SIMILARITY = new BM25Similarity(1.0f, 0.3f);

    /** The guide that ships with the program. */
    public static final Guide STANDARD = new Guide(GuideEntry.all());

    private final List<GuideEntry> entries;
    private final IndexSearcher searcher;

    /**
     * An entry that was found.
     *
     * @param isNear whether it only is called much like what was asked for, since nothing has the words
     */
    public record Found(GuideEntry entry, boolean isNear) {}

    private Guide(List<GuideEntry> entries) {
        this.entries = entries;
        try {
            this.searcher = new IndexSearcher(DirectoryReader.open(index(entries)));
            searcher.setSimilarity(SIMILARITY);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static Directory index(List<GuideEntry> entries) throws IOException {
        Directory index = new ByteBuffersDirectory();
        try (IndexWriter writer =
                new IndexWriter(index, new IndexWriterConfig(new Asking(false)).setSimilarity(SIMILARITY))) {
            for (GuideEntry entry : entries) {
                Document document = new Document();
                document.add(new StringField("name", entry.name(), Field.Store.NO));
                document.add(new StringField("name", entry.name().toLowerCase(Locale.ROOT), Field.Store.NO));
                document.add(new StringField("whole", entry.title().toLowerCase(Locale.ROOT), Field.Store.NO));
                document.add(new TextField("title", entry.title(), Field.Store.NO));
                document.add(new TextField("words", entry.words(), Field.Store.NO));
                document.add(new TextField("says", entry.says(), Field.Store.NO));
                document.add(new TextField("text", entry.text(), Field.Store.NO));
                writer.addDocument(document);
            }
            writer.forceMerge(1);
        }
        return index;
    }

    /**
     * What a question means, the best first; what is called much like it where nothing has its words.
     *
     * @param most so many at the most
     */
    public List<Found> find(String question, int most) {
        String text = question.strip();
        List<List<String>> words = words(text);
        List<GuideEntry> found = search(meaning(text, words, (words.size() + 1) / 2), most);
        if (found.isEmpty() && words.size() > 1) {
            found = search(meaning(text, words, 1), most);
        }
        boolean isNear = found.isEmpty();
        return (isNear ? search(like(words), most) : found)
                .stream().map(entry -> new Found(entry, isNear)).toList();
    }

    /** The first words of a question, each before those that mean the same. */
    private static List<List<String>> words(String question) {
        List<List<String>> words = new ArrayList<>();
        try (Asking asking = new Asking(true);
                TokenStream tokens = asking.tokenStream("question", question)) {
            CharTermAttribute word = tokens.addAttribute(CharTermAttribute.class);
            PositionIncrementAttribute step = tokens.addAttribute(PositionIncrementAttribute.class);
            tokens.reset();
            while (tokens.incrementToken()) {
                if (step.getPositionIncrement() > 0 || words.isEmpty()) {
                    if (words.size() == MOST_WORDS) {
                        break;
                    }
                    words.add(new ArrayList<>());
                }
                words.get(words.size() - 1).add(word.toString());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return words;
    }

    /** At least {@code least} of the words, better more; a name as it is written goes before all. */
    private static Query meaning(String text, List<List<String>> words, int least) {
        BooleanQuery.Builder said = new BooleanQuery.Builder();
        words.forEach(same -> said.add(anywhere(same), BooleanClause.Occur.SHOULD));
        said.setMinimumNumberShouldMatch(least);
        BooleanQuery.Builder all = new BooleanQuery.Builder();
        if (!words.isEmpty()) {
            all.add(said.build(), BooleanClause.Occur.SHOULD);
        }
        all.add(exact("name", text, EXACT_NAME), BooleanClause.Occur.SHOULD);
        all.add(exact("name", text.toLowerCase(Locale.ROOT), EXACT_TITLE), BooleanClause.Occur.SHOULD);
        all.add(exact("whole", text.toLowerCase(Locale.ROOT), EXACT_TITLE), BooleanClause.Occur.SHOULD);
        return all.build();
    }

    private static Query exact(String field, String text, float weight) {
        return new BoostQuery(new ConstantScoreQuery(new TermQuery(new Term(field, text))), weight);
    }

    private static Query anywhere(List<String> same) {
        List<Query> each = new ArrayList<>();
        for (int i = 0; i < same.size(); i++) {
            String word = same.get(i);
            float meaning = i == 0 ? 1 : SAME_MEANING;
            WEIGHTS.forEach((field, weight) ->
                    each.add(new BoostQuery(new TermQuery(new Term(field, word)), weight * meaning)));
        }
        // Somebody is still typing it.
        for (String field : List.of("title", "words")) {
            each.add(new BoostQuery(
                    new ConstantScoreQuery(new PrefixQuery(new Term(field, same.get(0)))),
                    BEGINNING * WEIGHTS.get(field) / 2));
        }
        return new DisjunctionMaxQuery(each, ALSO_ELSEWHERE);
    }

    /** How often people mean an entry of its kind; codes of units in brackets are hardly ever meant. */
    private static double use(GuideEntry entry) {
        return switch (entry.kind()) {
            case PAGE -> 1.15;
            case FUNCTION, COMMAND -> 1;
            case CONSTANT -> 0.9;
            case UNIT -> entry.name().startsWith("[") ? 0.4 : 0.8;
        };
    }

    private static Query like(List<List<String>> words) {
        BooleanQuery.Builder any = new BooleanQuery.Builder();
        for (List<String> same : words) {
            String word = same.get(0);
            int mistakes = word.length() < LONG_WORD ? 1 : 2;
            for (String field : List.of("title", "words", "says")) {
                if (word.length() >= LEAST_LETTERS) {
                    any.add(
                            new FuzzyQuery(new Term(field, word), mistakes, 0, ALIKE, true),
                            BooleanClause.Occur.SHOULD);
                }
            }
        }
        return any.build();
    }

    private List<GuideEntry> search(Query query, int most) {
        try {
            return Arrays.stream(searcher.search(query, LOOKED_AT).scoreDocs)
                    .sorted(Comparator.comparingDouble((ScoreDoc found) -> -found.score * use(entries.get(found.doc))))
                    .limit(most)
                    .map(found -> entries.get(found.doc))
                    .toList();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
