package app.logismos.formats.foreign;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Functions of documents that say shorter what others say, written out with those. */
final class Composed {
    private static final Foreign ZERO = new Foreign.Number("0");

    private Composed() {}

    /** The call with others in its place; itself where it is none of these. */
    static Foreign plain(Foreign.Call call) {
        List<Optional<Foreign>> arguments = call.arguments();
        boolean areAll = arguments.stream().allMatch(Optional::isPresent);
        int count = areAll ? arguments.size() : 0;
        return switch (call.function().toUpperCase(Locale.ROOT).replaceFirst("^_XLFN\\.", "")) {
            case "SWITCH" -> count > 2 ? switched(call, 1) : call;
            case "XLOOKUP" -> count == 3 || count == 4 ? found(call) : call;
            case "CONCAT" -> count > 0 ? joined(call) : call;
            default -> call;
        };
    }

    private static Foreign at(Foreign.Call call, int index) {
        return call.arguments().get(index).orElseThrow();
    }

    private static Foreign.Call call(String function, Foreign... arguments) {
        return new Foreign.Call(
                function, List.of(arguments).stream().map(Optional::of).toList());
    }

    /** The value behind the first one that is the same, or else the last. */
    private static Foreign switched(Foreign.Call call, int from) {
        int left = call.arguments().size() - from;
        if (left < 2) {
            return left == 1 ? at(call, from) : call("NA");
        }
        return call(
                "IF",
                new Foreign.Infix("=", at(call, 0), at(call, from)),
                at(call, from + 1),
                switched(call, from + 2));
    }

    private static Foreign found(Foreign.Call call) {
        Foreign found = call("INDEX", at(call, 2), call("MATCH", at(call, 0), at(call, 1), ZERO));
        return call.arguments().size() == 3 ? found : call("IFERROR", found, at(call, 3));
    }

    /** All texts in a row, those of ranges from cell to cell. */
    private static Foreign joined(Foreign.Call call) {
        List<Foreign> parts = new ArrayList<>();
        for (int i = 0; i < call.arguments().size(); i++) {
            Foreign part = at(call, i);
            parts.add(
                    part instanceof Foreign.Range
                            ? call("TEXTJOIN", new Foreign.Text(""), new Foreign.Truth(true), part)
                            : part);
        }
        return parts.size() == 1
                ? parts.get(0)
                : new Foreign.Call(
                        "CONCATENATE", parts.stream().map(Optional::of).toList());
    }
}
