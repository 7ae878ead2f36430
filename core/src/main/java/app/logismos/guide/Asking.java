package app.logismos.guide;

import java.io.IOException;
import java.util.List;
import java.util.Set;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.CharArraySet;
import org.apache.lucene.analysis.LowerCaseFilter;
import org.apache.lucene.analysis.StopFilter;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.Tokenizer;
import org.apache.lucene.analysis.en.EnglishPossessiveFilter;
import org.apache.lucene.analysis.en.PorterStemFilter;
import org.apache.lucene.analysis.miscellaneous.ASCIIFoldingFilter;
import org.apache.lucene.analysis.standard.StandardTokenizer;
import org.apache.lucene.analysis.synonym.SynonymGraphFilter;
import org.apache.lucene.analysis.synonym.SynonymMap;
import org.apache.lucene.util.CharsRef;

/** Texts as words without their endings; those of a question also with others that mean the same. */
final class Asking extends Analyzer {
    /** Words that every question has. */
    private static final CharArraySet EMPTY_WORDS = new CharArraySet(
            Set.of(
                    "a",
                    "an",
                    "and",
                    "any",
                    "are",
                    "as",
                    "at",
                    "be",
                    "by",
                    "can",
                    "do",
                    "does",
                    "for",
                    "from",
                    "get",
                    "give",
                    "have",
                    "how",
                    "i",
                    "if",
                    "in",
                    "into",
                    "is",
                    "it",
                    "its",
                    "make",
                    "me",
                    "my",
                    "of",
                    "on",
                    "one",
                    "please",
                    "some",
                    "something",
                    "than",
                    "that",
                    "the",
                    "there",
                    "this",
                    "to",
                    "use",
                    "want",
                    "was",
                    "what",
                    "when",
                    "where",
                    "which",
                    "will",
                    "with",
                    "you",
                    "calculate",
                    "compute",
                    "formula",
                    "function",
                    "number",
                    "numbers"),
            false);

    private static final SynonymMap SYNONYMS = synonyms();

    private final boolean isQuestion;

    Asking(boolean isQuestion) {
        this.isQuestion = isQuestion;
    }

    private static SynonymMap synonyms() {
        SynonymMap.Builder builder = new SynonymMap.Builder(true);
        Shipped.lines("synonyms.csv").forEach(group -> each(group, builder));
        try {
            return builder.build();
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static void each(List<String> group, SynonymMap.Builder builder) {
        for (String word : group) {
            group.stream()
                    .filter(other -> !other.equals(word))
                    .forEach(other -> builder.add(new CharsRef(word), new CharsRef(other), true));
        }
    }

    @Override
    protected TokenStreamComponents createComponents(String field) {
        Tokenizer words = new StandardTokenizer();
        TokenStream plain = new ASCIIFoldingFilter(new EnglishPossessiveFilter(new LowerCaseFilter(words)));
        TokenStream telling = new StopFilter(plain, EMPTY_WORDS);
        TokenStream all = isQuestion ? new SynonymGraphFilter(telling, SYNONYMS, true) : telling;
        return new TokenStreamComponents(words, new PorterStemFilter(all));
    }
}
