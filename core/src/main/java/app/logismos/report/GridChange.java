package app.logismos.report;

import app.logismos.sheet.Block;

/** What was changed about a grid besides its cells, in words. */
final class GridChange {
    private GridChange() {}

    /** The difference between two states of a grid. */
    static String said(Block.Grid before, Block.Grid now) {
        return new ChangedParts()
                .tell(before.title(), now.title(), "grid called " + now.title())
                .tell(before.rows(), now.rows(), now.rows() + " rows")
                .tell(before.columns(), now.columns(), now.columns() + " columns")
                .tell(
                        before.headings(),
                        now.headings(),
                        now.headings() == 0 ? "no rows of headings" : "rows of headings: " + now.headings())
                .tell(before.styles(), now.styles(), "number style changed")
                .tell(before.widths(), now.widths(), "widths changed")
                .tell(
                        before.remarks(),
                        now.remarks(),
                        "remark "
                                + counted(before.remarks().size(), now.remarks().size(), "written", "taken out"))
                .tell(
                        before.hiddenRows(),
                        now.hiddenRows(),
                        "rows "
                                + counted(
                                        before.hiddenRows().size(),
                                        now.hiddenRows().size(),
                                        "hidden",
                                        "shown"))
                .tell(
                        before.hiddenColumns(),
                        now.hiddenColumns(),
                        "columns "
                                + counted(
                                        before.hiddenColumns().size(),
                                        now.hiddenColumns().size(),
                                        "hidden",
                                        "shown"))
                .tell(before.beside(), now.beside(), now.beside() ? "grid beside another" : "grid below another")
                .tell(before.tabulation(), now.tabulation(), "other formula tabulated")
                .said("Grid changed");
    }

    private static String counted(int before, int now, String more, String fewer) {
        return now == before ? "changed" : now > before ? more : fewer;
    }
}
