package app.logismos.server.web;

import static java.util.Map.entry;

import app.logismos.act.Act;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.jsontype.NamedType;

/**
 * How JSON tells apart what a sealed type may be: the one table of their names.
 *
 * @param property that holds the name
 * @param mixin that tells Jackson so
 * @param names of all the types there are
 */
record Kinds(Class<?> sealed, String property, Class<?> mixin, Map<String, Class<?>> names) {
    static final List<Kinds> ALL = List.of(
            new Kinds(
                    Edit.class,
                    "do",
                    ByDo.class,
                    Map.ofEntries(
                            entry("enter", Edit.Enter.class),
                            entry("define", Edit.Define.class),
                            entry("retitle", Edit.Retitle.class),
                            entry("addSection", Edit.AddSection.class),
                            entry("removeSection", Edit.RemoveSection.class),
                            entry("changeSection", Edit.ChangeSection.class),
                            entry("moveSection", Edit.MoveSection.class),
                            entry("addBlock", Edit.AddBlock.class),
                            entry("removeBlock", Edit.RemoveBlock.class),
                            entry("changeBlock", Edit.ChangeBlock.class),
                            entry("moveBlock", Edit.MoveBlock.class),
                            entry("insertLines", Edit.InsertLines.class),
                            entry("deleteLines", Edit.DeleteLines.class),
                            entry("moveLines", Edit.MoveLines.class),
                            entry("moveCells", Edit.MoveCells.class),
                            entry("copyCells", Edit.CopyCells.class),
                            entry("orderRows", Edit.OrderRows.class),
                            entry("rename", Edit.Rename.class),
                            entry("changeSettings", Edit.ChangeSettings.class))),
            new Kinds(
                    Act.class,
                    "do",
                    ByDo.class,
                    Map.ofEntries(
                            entry("continue", Act.Continue.class),
                            entry("goOn", Act.GoOn.class),
                            entry("addUp", Act.AddUp.class),
                            entry("clear", Act.Clear.class),
                            entry("fixRanges", Act.FixRanges.class),
                            entry("readAs", Act.ReadAs.class),
                            entry("series", Act.Series.class),
                            entry("fillTable", Act.FillTable.class),
                            entry("sort", Act.Sort.class),
                            entry("filter", Act.Filter.class),
                            entry("replace", Act.Replace.class),
                            entry("nameByLabels", Act.NameByLabels.class),
                            entry("tabulate", Act.Tabulate.class),
                            entry("tabulateAnew", Act.TabulateAnew.class),
                            entry("putFit", Act.PutFit.class))),
            new Kinds(
                    Block.class,
                    "kind",
                    ByKind.class,
                    Map.of("grid", Block.Grid.class, "chart", Chart.class, "note", Block.Note.class)),
            new Kinds(
                    Chart.Source.class,
                    "of",
                    ByOf.class,
                    Map.of(
                            "cells", Chart.Cells.class,
                            "curve", Chart.Curve.class,
                            "path", Chart.Path.class,
                            "deleted", Chart.Deleted.class)),
            new Kinds(
                    Chart.Mark.class,
                    "kind",
                    ByKind.class,
                    Map.of(
                            "label", Chart.Label.class,
                            "arrow", Chart.Arrow.class,
                            "formula", Chart.Formula.class,
                            "tangent", Chart.Tangent.class)));

    /** The property that tells a type from others of its kind, with its name in it; nothing for a type that has no others. */
    static Optional<Map.Entry<String, String>> nameOf(Class<?> type) {
        return ALL.stream()
                .flatMap(kinds -> kinds.names().entrySet().stream()
                        .filter(each -> each.getValue() == type)
                        .map(each -> Map.entry(kinds.property(), each.getKey())))
                .findFirst();
    }

    NamedType[] named() {
        return names.entrySet().stream()
                .map(each -> new NamedType(each.getValue(), each.getKey()))
                .toArray(NamedType[]::new);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "do")
    private interface ByDo {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    private interface ByKind {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
    private interface ByOf {}
}
