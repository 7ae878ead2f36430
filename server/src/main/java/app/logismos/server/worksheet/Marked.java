package app.logismos.server.worksheet;

import app.logismos.act.Act;
import app.logismos.display.DecimalMark;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import java.util.List;

/**
 * What is typed and shown with a worksheet's decimal mark, and kept with a point.
 *
 * @param mark of the worksheet
 */
record Marked(DecimalMark mark) {
    List<Edit> kept(List<Edit> edits) {
        return edits.stream().map(this::kept).toList();
    }

    private Edit kept(Edit edit) {
        if (edit instanceof Edit.Enter enter) {
            return new Edit.Enter(
                    enter.grid(),
                    enter.cells().stream()
                            .map(typed -> new Edit.Typed(typed.cell(), mark.read(typed.text())))
                            .toList());
        }
        if (edit instanceof Edit.AddBlock add) {
            return new Edit.AddBlock(add.section(), kept(add.block()), add.at());
        }
        if (edit instanceof Edit.AddSection add) {
            return new Edit.AddSection(
                    add.section()
                            .withBlocks(add.section().blocks().stream()
                                    .map(this::kept)
                                    .toList()),
                    add.at());
        }
        return edit instanceof Edit.ChangeBlock change ? new Edit.ChangeBlock(kept(change.block())) : edit;
    }

    private Block kept(Block block) {
        Block read = block.withExpressions(mark::readExpression);
        return read instanceof Chart chart ? chart.withEnds(mark::read) : read;
    }

    Block shown(Block block) {
        Block written = block.withExpressions(mark::expression);
        return written instanceof Chart chart ? chart.withEnds(mark::write) : written;
    }

    Act kept(Act act) {
        if (act instanceof Act.Series series) {
            return new Act.Series(
                    series.grid(),
                    series.at(),
                    series.axis(),
                    mark.read(series.first()),
                    mark.read(series.step()),
                    series.last().map(mark::read),
                    series.count());
        }
        if (act instanceof Act.Tabulate tabulate) {
            return new Act.Tabulate(
                    tabulate.section(),
                    tabulate.id(),
                    tabulate.title(),
                    tabulate.grid(),
                    mark.readExpression(tabulate.expression()),
                    kept(tabulate.first()),
                    tabulate.second().map(this::kept));
        }
        return act instanceof Act.TabulateAnew anew
                ? new Act.TabulateAnew(anew.grid(), mark.readExpression(anew.expression()))
                : act;
    }

    private Act.Variable kept(Act.Variable variable) {
        return new Act.Variable(
                variable.name(),
                mark.read(variable.from()),
                mark.read(variable.to()),
                variable.step().map(mark::read),
                variable.count(),
                variable.cells().map(mark::readExpression));
    }
}
