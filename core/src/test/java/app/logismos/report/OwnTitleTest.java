package app.logismos.report;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.recalculate.Sheets;
import app.logismos.sheet.Edit;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnTitleTest {
    @ParameterizedTest(name = "{0} with {1} is called {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "New worksheet | A1=Tea                             | Tea",
                "New worksheet | A1=Tea;B1=Price;C1=Count;D1=Total  | Tea, Price, Count",
                "New worksheet | A1=12;A3=Leaves                    | Leaves",
                "New worksheet | A1=12;A2==A1*2                     | New worksheet",
                "New worksheet | A2=Harbour Mist;B2=9.50;A3=Fjord   | Harbour Mist",
                "Orders        | A1=Tea                             | Orders",
            })
    void aWorksheetThatNobodyHasNamedIsCalledAfterItsFirstHeadings(String title, String entries, String called) {
        LiveWorksheet live = Sheets.empty();
        List<Edit> edits = new ArrayList<>();
        edits.add(new Edit.Retitle(title));
        List<Edit.Typed> typed = new ArrayList<>();
        for (String each : entries.split(";")) {
            int sign = each.indexOf('=');
            typed.add(new Edit.Typed(Address.parse(each.substring(0, sign)).orElseThrow(), each.substring(sign + 1)));
        }
        edits.add(new Edit.Enter("a", typed));
        live.apply(edits);
        assertThat(OwnTitle.of(live)).isEqualTo(called);
    }
}
