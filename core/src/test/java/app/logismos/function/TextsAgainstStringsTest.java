package app.logismos.function;

import static app.logismos.function.Answers.column;
import static app.logismos.function.Answers.quoted;
import static app.logismos.function.Answers.text;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Functions of texts say the same as those of Java's strings. Signs are counted, not the halves that some have in memory. */
class TextsAgainstStringsTest {
    /** Few signs, so that parts are found; with quotes, spaces, accents, and signs of two halves. */
    private static final List<String> SIGNS = List.of("a", "b", "ab", " ", "\"", "é", "ß", "茶", "🍵", "1", "-", "A");

    private static String random(Random random, int most) {
        return IntStream.range(0, random.nextInt(most + 1))
                .mapToObj(i -> SIGNS.get(random.nextInt(SIGNS.size())))
                .collect(Collectors.joining());
    }

    private static String part(String text, int from, int to) {
        int length = text.codePointCount(0, text.length());
        int start = Math.min(length, Math.max(0, from));
        int end = Math.min(length, Math.max(start, to));
        return text.substring(text.offsetByCodePoints(0, start), text.offsetByCodePoints(0, end));
    }

    private static int length(String text) {
        return text.codePointCount(0, text.length());
    }

    @Test
    void partsAreCutBySigns() {
        Seeded.cases(300, random -> {
            String tea = random(random, 9);
            String typed = quoted(tea);
            int count = random.nextInt(8);
            int start = 1 + random.nextInt(8);
            assertThat(text("length(" + typed + ")")).isEqualTo(String.valueOf(length(tea)));
            assertThat(text("left(" + typed + ", " + count + ")")).isEqualTo(part(tea, 0, count));
            assertThat(text("right(" + typed + ", " + count + ")"))
                    .isEqualTo(part(tea, length(tea) - count, length(tea)));
            assertThat(text("middle(" + typed + ", " + start + ", " + count + ")"))
                    .isEqualTo(part(tea, start - 1, start - 1 + count));
        });
    }

    @Test
    void aPartIsReplacedWhereItStands() {
        Seeded.cases(300, random -> {
            String tea = random(random, 9);
            String put = random(random, 3);
            int start = 1 + random.nextInt(length(tea) + 1);
            int count = random.nextInt(5);
            assertThat(text("replace(" + quoted(tea) + ", " + start + ", " + count + ", " + quoted(put) + ")"))
                    .isEqualTo(part(tea, 0, start - 1) + put + part(tea, start - 1 + count, length(tea)));
        });
    }

    @Test
    void everyOccurrenceIsSubstitutedOrOneOfThem() {
        Seeded.cases(300, random -> {
            String tea = random(random, 12);
            String old = SIGNS.get(random.nextInt(SIGNS.size()));
            String put = random(random, 3);
            String call = "substitute(" + quoted(tea) + ", " + quoted(old) + ", " + quoted(put);
            assertThat(text(call + ")")).isEqualTo(tea.replace(old, put));
            int which = 1 + random.nextInt(3);
            assertThat(text(call + ", " + which + ")")).isEqualTo(substituted(tea, old, put, which));
        });
    }

    private static String substituted(String text, String old, String put, int which) {
        Matcher occurrences = Pattern.compile(Pattern.quote(old)).matcher(text);
        for (int i = 0; i < which; i++) {
            if (!occurrences.find()) {
                return text;
            }
        }
        return text.substring(0, occurrences.start()) + put + text.substring(occurrences.end());
    }

    @Test
    void aPartIsFoundWhereItFirstStands() {
        Seeded.cases(300, random -> {
            String tea = random(random, 12);
            String sought = SIGNS.get(random.nextInt(SIGNS.size()));
            int at = tea.indexOf(sought);
            String expected = at < 0 ? "not-found" : String.valueOf(1 + length(tea.substring(0, at)));
            assertThat(text("find(" + quoted(sought) + ", " + quoted(tea) + ")"))
                    .isEqualTo(expected);
        });
    }

    @Test
    void splittingAndJoiningGoThereAndBack() {
        Seeded.cases(300, random -> {
            String tea = random(random, 12);
            String[] parts = tea.split(Pattern.quote("-"), -1);
            String split = "split(" + quoted(tea) + ", \"-\")";
            assertThat(text("rows(" + split + ")")).isEqualTo(String.valueOf(parts.length));
            for (int i = 0; i < parts.length; i++) {
                assertThat(text("at(" + split + ", " + (i + 1) + ")")).isEqualTo(parts[i]);
            }
            assertThat(text("join(" + split + ", \"-\")")).isEqualTo(tea);
            List<String> quoted = Arrays.stream(parts).map(Answers::quoted).toList();
            assertThat(text("join(" + column(quoted) + ")")).isEqualTo(tea.replace("-", ""));
        });
    }

    @Test
    void lettersChangeTheirSize() {
        Seeded.cases(200, random -> {
            String tea = random(random, 9);
            assertThat(text("upper(" + quoted(tea) + ")")).isEqualTo(tea.toUpperCase(Locale.ROOT));
            assertThat(text("lower(" + quoted(tea) + ")")).isEqualTo(tea.toLowerCase(Locale.ROOT));
            assertThat(text("sametext(" + quoted(tea) + ", " + quoted(tea.toUpperCase(Locale.ROOT)) + ")"))
                    .isEqualTo(String.valueOf(tea.equals(tea.toUpperCase(Locale.ROOT))));
        });
    }

    @Test
    void spacesAroundAndBetweenWordsAreTakenOut() {
        Seeded.cases(200, random -> {
            String tea = random(random, 9).replace("ab", "  ");
            assertThat(text("trim(" + quoted(tea) + ")")).isEqualTo(tea.strip().replaceAll(" +", " "));
        });
    }

    @Test
    void aTextIsRepeatedAndPutTogether() {
        Seeded.cases(100, random -> {
            String tea = random(random, 5);
            int times = random.nextInt(6);
            assertThat(text("repeat(" + quoted(tea) + ", " + times + ")")).isEqualTo(tea.repeat(times));
            assertThat(text(quoted(tea) + " & " + times + " & " + quoted(tea))).isEqualTo(tea + times + tea);
        });
    }

    @Test
    void signsHaveTheirNumbers() {
        Seeded.cases(200, random -> {
            int point = 32 + random.nextInt(0x2FFF);
            boolean isQuote = point >= 0x2018 && point <= 0x201F; // these are read as quotes
            if (Character.isDefined(point) && !Character.isISOControl(point) && !isQuote) {
                String sign = Character.toString(point);
                assertThat(text("code(" + quoted(sign) + ")")).isEqualTo(String.valueOf(point));
                assertThat(text("char(" + point + ")")).isEqualTo(sign);
            }
        });
    }

    @Test
    void romanNumbersGoThereAndBack() {
        TreeMap<Integer, String> signs = new TreeMap<>();
        int[] sizes = {1, 4, 5, 9, 10, 40, 50, 90, 100, 400, 500, 900, 1000};
        String[] letters = {"I", "IV", "V", "IX", "X", "XL", "L", "XC", "C", "CD", "D", "CM", "M"};
        IntStream.range(0, sizes.length).forEach(i -> signs.put(sizes[i], letters[i]));
        for (int n = 1; n < 4000; n += 1 + n / 60) {
            StringBuilder roman = new StringBuilder();
            for (int rest = n; rest > 0; rest -= signs.floorKey(rest)) {
                roman.append(signs.floorEntry(rest).getValue());
            }
            assertThat(text("roman(" + n + ")")).isEqualTo(roman.toString());
            assertThat(text("arabic(" + quoted(roman.toString()) + ")")).isEqualTo(String.valueOf(n));
        }
    }
}
