package app.logismos.act;

import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.formula.EntryReader;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Room;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Text;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads typed entries as another kind of value, by writing them so that they can be read in that way only. */
final class ReadingAgain {
    private static final Pattern COMMA = Pattern.compile("[-−+]?[0-9]+,[0-9]+.*");

    private final UnitCatalogue units;
    private final Display display;

    private ReadingAgain(LiveWorksheet live) {
        this.units = live.worksheet().units();
        this.display = live.display();
    }

    static Edit edit(Act.ReadAs act, LiveWorksheet live) {
        live.grid(act.grid()).orElseThrow(() -> new EditRefused("There is no grid " + act.grid() + "."));
        ReadingAgain reading = new ReadingAgain(live);
        List<Edit.Typed> typed = new ArrayList<>();
        live.worksheet().cells(act.grid()).forEach(act.area(), (column, row, cell) -> {
            Address at = new Address(column, row);
            if (!cell.isCalculated()) {
                reading.as(act.kind(), cell.text(at)).ifPresent(text -> typed.add(new Edit.Typed(at, text)));
            }
        });
        if (typed.isEmpty()) {
            throw new EditRefused("No other entry of " + act.area() + " can be read as "
                    + act.kind().says() + ".");
        }
        Room.check(typed.size());
        return new Edit.Enter(act.grid(), typed);
    }

    private Optional<String> as(Act.ReadAs.Kind kind, String entry) {
        boolean isText = EntryReader.value(entry, units) instanceof Text;
        if (kind == Act.ReadAs.Kind.TEXT) {
            return isText ? Optional.empty() : Optional.of('"' + display.write(entry) + '"');
        }
        if (!isText) {
            return Optional.empty();
        }
        String text = ((Text) EntryReader.value(entry, units)).text().strip();
        return switch (kind) {
            case NUMBERS -> number(text);
            case DAY_FIRST -> day(text, 0);
            case MONTH_FIRST -> day(text, 1);
            case TEXT -> Optional.empty();
        };
    }

    private Optional<String> number(String text) {
        String plain = EntryReader.withoutLeadingZeros(text)
                .orElse(COMMA.matcher(text).matches() ? text.replaceFirst(",", ".") : text);
        return EntryReader.value(plain, units) instanceof Text ? Optional.empty() : Optional.of(plain);
    }

    private static Optional<String> day(String text, int reading) {
        List<LocalDate> days = EntryReader.days(text);
        return days.isEmpty()
                ? Optional.empty()
                : Optional.of(days.get(Math.min(reading, days.size() - 1)).toString());
    }
}
