package app.logismos.guide;

import java.util.List;
import java.util.regex.Pattern;

/**
 * A short page on something that people do.
 *
 * @param name its id
 * @param words everyday words that it is found by
 * @param text Markdown
 * @param examples expressions that can be tried
 */
public record GuidePage(String name, String title, String words, String text, List<String> examples) {
    /** Signs of Markdown; a `*` inside an expression is none. */
    private static final Pattern SIGNS =
            Pattern.compile("\\*\\*|`|(?<=\\s)\\*(?=\\p{L})|(?<=\\p{L})\\*(?=[\\s.,;:]|$)");

    private static final Pattern BETWEEN_SENTENCES = Pattern.compile("(?<=\\.)\\s");

    /** All pages, from {@code pages.md}, in the order in which people come to need them. */
    public static final List<GuidePage> ALL = Shipped.pages();

    /** The text without the signs of Markdown. */
    public String plain() {
        return SIGNS.matcher(text).replaceAll("");
    }

    /** Its first sentence. */
    public String says() {
        return BETWEEN_SENTENCES.split(plain(), 2)[0];
    }
}
