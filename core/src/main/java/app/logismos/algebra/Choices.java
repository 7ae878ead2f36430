package app.logismos.algebra;

import java.util.ArrayList;
import java.util.List;

/** All choices of so many out of so many, one after the other. */
final class Choices {
    private final int[] chosen;
    private final int of;
    private boolean isBegun;

    Choices(int of, int count) {
        this.of = of;
        this.chosen = new int[count];
        for (int i = 0; i < count; i++) {
            chosen[i] = i;
        }
    }

    /** Goes to the next choice, at first to the first; false where there are no more. */
    boolean next() {
        if (!isBegun) {
            isBegun = true;
            return chosen.length <= of;
        }
        for (int i = chosen.length - 1; i >= 0; i--) {
            if (chosen[i] < of - chosen.length + i) {
                chosen[i]++;
                for (int j = i + 1; j < chosen.length; j++) {
                    chosen[j] = chosen[j - 1] + 1;
                }
                return true;
            }
        }
        return false;
    }

    /** The places chosen, from 0. */
    List<Integer> chosen() {
        List<Integer> places = new ArrayList<>();
        for (int each : chosen) {
            places.add(each);
        }
        return places;
    }
}
