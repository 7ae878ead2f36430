package app.logismos.function;

import static app.logismos.function.Answers.column;
import static app.logismos.function.Answers.text;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.function.IntBinaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Functions of tables do the same as those of Java's lists. */
class TablesAgainstListsTest {
    private static List<Integer> random(Random random) {
        return IntStream.range(0, 1 + random.nextInt(8))
                .mapToObj(i -> random.nextInt(9) - 3)
                .toList();
    }

    /** A table, each of whose values is worked out from its row and column, counted from 0. */
    private static String table(int rows, int columns, IntBinaryOperator value) {
        return IntStream.range(0, rows)
                .mapToObj(row -> IntStream.range(0, columns)
                        .mapToObj(each -> String.valueOf(value.applyAsInt(row, each)))
                        .collect(Collectors.joining(", ")))
                .collect(Collectors.joining("; ", "{", "}"));
    }

    @Test
    void numbersAreSortedReversedAndFoundOnce() {
        Seeded.cases(300, random -> {
            List<Integer> numbers = random(random);
            String typed = column(numbers);
            List<Integer> sorted = numbers.stream().sorted().toList();
            List<Integer> reversed = new ArrayList<>(numbers);
            Collections.reverse(reversed);
            assertThat(text("sort(" + typed + ")")).isEqualTo(column(sorted));
            assertThat(text("sort(" + typed + ", descending: true)"))
                    .isEqualTo(column(
                            numbers.stream().sorted(Comparator.reverseOrder()).toList()));
            assertThat(text("reverse(" + typed + ")")).isEqualTo(column(reversed));
            assertThat(text("unique(" + typed + ")")).isEqualTo(column(new LinkedHashSet<>(numbers)));
        });
    }

    @Test
    void rowsThatAreAlikeKeepTheirOrderWhenSorted() {
        Seeded.cases(200, random -> {
            List<Integer> keys = random(random);
            List<int[]> rows = new ArrayList<>(IntStream.range(0, keys.size())
                    .mapToObj(i -> new int[] {keys.get(i), i})
                    .toList());
            String typed = table(rows.size(), 2, (row, at) -> at == 0 ? keys.get(row) : row);
            rows.sort(Comparator.comparingInt(row -> row[0]));
            assertThat(text("sort(" + typed + ", 1)")).isEqualTo(table(rows.size(), 2, (row, at) -> rows.get(row)[at]));
        });
    }

    @Test
    void valuesAreKeptByConditions() {
        Seeded.cases(200, random -> {
            List<Integer> numbers = random(random);
            int limit = random.nextInt(7) - 2;
            List<Integer> kept =
                    numbers.stream().filter(number -> number > limit).toList();
            String typed = column(numbers);
            assertThat(text("filter(" + typed + ", " + typed + " > " + limit + ")"))
                    .isEqualTo(kept.isEmpty() ? "not-found" : column(kept));
            assertThat(text("countif(" + typed + ", \">" + limit + "\")")).isEqualTo(String.valueOf(kept.size()));
            assertThat(text("sumif(" + typed + ", \">" + limit + "\")"))
                    .isEqualTo(String.valueOf(
                            kept.stream().mapToInt(Integer::intValue).sum()));
        });
    }

    @Test
    void aValueIsFoundAtItsFirstPlace() {
        Seeded.cases(200, random -> {
            List<Integer> numbers = random(random);
            int sought = random.nextInt(7) - 2;
            int at = numbers.indexOf(sought);
            assertThat(text("position(" + sought + ", " + column(numbers) + ")"))
                    .isEqualTo(at < 0 ? "not-found" : String.valueOf(at + 1));
            String results = column(
                    IntStream.range(0, numbers.size()).mapToObj(i -> i * 10).toList());
            assertThat(text("lookup(" + sought + ", " + column(numbers) + ", " + results + ")"))
                    .isEqualTo(at < 0 ? "not-found" : String.valueOf(at * 10));
        });
    }

    @Test
    void aSortedListGivesTheLastValueThatIsNotAboveTheOneSought() {
        Seeded.cases(200, random -> {
            List<Integer> numbers = random(random).stream().distinct().sorted().toList();
            double sought = random.nextInt(28) / 2.0 - 5;
            List<Integer> below =
                    numbers.stream().filter(number -> number <= sought).toList();
            assertThat(text("lookup(" + sought + ", " + column(numbers) + ", " + column(numbers) + ", nearest: true)"))
                    .isEqualTo(below.isEmpty() ? "not-found" : String.valueOf(below.get(below.size() - 1)));
        });
    }

    @Test
    void partsOfATableAreCutOut() {
        Seeded.cases(200, random -> {
            int rows = 1 + random.nextInt(5);
            int columns = 1 + random.nextInt(5);
            int first = random.nextInt(rows);
            int last = first + random.nextInt(rows - first);
            int left = random.nextInt(columns);
            int right = left + random.nextInt(columns - left);
            String typed = table(rows, columns, (row, at) -> 10 * row + at);
            String part = table(last - first + 1, right - left + 1, (row, at) -> 10 * (first + row) + left + at);
            String shown = last == first && right == left ? part.replaceAll("[{}]", "") : part;
            String areas = (first + 1) + ", " + (last + 1) + ", " + (left + 1) + ", " + (right + 1);
            assertThat(text("slice(" + typed + ", " + areas + ")")).isIn(part, shown);
            String fromTheEnd =
                    (first - rows) + ", " + (last - rows) + ", " + (left - columns) + ", " + (right - columns);
            assertThat(text("slice(" + typed + ", " + fromTheEnd + ")")).isIn(part, shown);
            assertThat(text("at(" + typed + ", " + (last + 1) + ", " + (right + 1) + ")"))
                    .isEqualTo(String.valueOf(10 * last + right));
        });
    }

    @Test
    void rowsBecomeColumns() {
        Seeded.cases(100, random -> {
            int rows = 1 + random.nextInt(5);
            int columns = 2 + random.nextInt(4);
            String typed = table(rows, columns, (row, at) -> 10 * row + at);
            assertThat(text("transpose(" + typed + ")")).isEqualTo(table(columns, rows, (row, at) -> 10 * at + row));
            assertThat(text("transpose(transpose(" + typed + "))")).isEqualTo(typed);
            assertThat(text("rows(" + typed + ")")).isEqualTo(String.valueOf(rows));
            assertThat(text("columns(" + typed + ")")).isEqualTo(String.valueOf(columns));
        });
    }

    @Test
    void tablesAreStackedAndSetBesideEachOther() {
        Seeded.cases(100, random -> {
            int above = 1 + random.nextInt(3);
            int below = 1 + random.nextInt(3);
            int across = 2 + random.nextInt(3);
            String both = table(above + below, across, (row, at) -> 10 * row + at);
            String first = table(above, across, (row, at) -> 10 * row + at);
            String second = table(below, across, (row, at) -> 10 * (above + row) + at);
            assertThat(text("stack(" + first + ", " + second + ")")).isEqualTo(both);
            assertThat(text("transpose(beside(transpose(" + first + "), transpose(" + second + ")))"))
                    .isEqualTo(both);
        });
    }

    @Test
    void sumsRunDown() {
        Seeded.cases(100, random -> {
            List<Integer> numbers = random(random);
            List<Integer> running = IntStream.rangeClosed(1, numbers.size())
                    .mapToObj(to -> numbers.subList(0, to).stream()
                            .mapToInt(Integer::intValue)
                            .sum())
                    .toList();
            assertThat(text("cumulate(" + column(numbers) + ")")).isEqualTo(column(running));
        });
    }

    @Test
    void theSmallestAndLargestComeInTheirOrder() {
        Seeded.cases(200, random -> {
            List<Integer> numbers = random(random);
            List<Integer> sorted = numbers.stream().sorted().toList();
            int k = random.nextInt(sorted.size());
            String typed = column(numbers);
            assertThat(text("smallest(" + typed + ", " + (k + 1) + ")")).isEqualTo(String.valueOf(sorted.get(k)));
            assertThat(text("largest(" + typed + ", " + (k + 1) + ")"))
                    .isEqualTo(String.valueOf(sorted.get(sorted.size() - 1 - k)));
            int value = numbers.get(k);
            long above = numbers.stream().filter(number -> number > value).count();
            assertThat(text("rank(" + value + ", " + typed + ")")).isEqualTo(String.valueOf(above + 1));
        });
    }

    @Test
    void valuesAreCountedBetweenLimits() {
        Seeded.cases(200, random -> {
            List<Integer> numbers = random(random);
            List<Integer> limits = random(random).stream().distinct().sorted().toList();
            List<Long> counts = new ArrayList<>();
            for (int i = 0; i <= limits.size(); i++) {
                int from = i == 0 ? Integer.MIN_VALUE : limits.get(i - 1);
                int to = i == limits.size() ? Integer.MAX_VALUE : limits.get(i);
                counts.add(numbers.stream()
                        .filter(number -> number > from && number <= to)
                        .count());
            }
            assertThat(text("frequency(" + column(numbers) + ", " + column(limits) + ")"))
                    .isEqualTo(column(counts));
        });
    }
}
