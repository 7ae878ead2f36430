package app.logismos.formats.office;

import app.logismos.formats.book.Book;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Supposing;
import java.util.Optional;
import javax.xml.stream.XMLStreamReader;

/**
 * Cells that show what others would be with values that stand beside and above them (ECMA-376, part 1, section 18.3.1.40).
 *
 * @param area the cells that show it
 * @param isRow whether the values stand in the row above, and the formulas in the column to the left
 * @param first the cell that the values are put for; where there is a second one, those of the row
 * @param second the cell that those of the column are put for
 */
record WhatIf(Area area, boolean isRow, Address first, Optional<Address> second) {
    /** The one that an element begins; nothing where its cells are gone. */
    static Optional<WhatIf> read(XMLStreamReader xml) {
        Optional<Area> area = attribute(xml, "ref").flatMap(Area::parse);
        Optional<Address> first = attribute(xml, "r1").flatMap(Address::parse);
        Optional<Address> second = attribute(xml, "r2").flatMap(Address::parse);
        boolean areBoth = is(xml, "dt2D");
        boolean isThere =
                area.filter(cells -> cells.first().row() > 0 && cells.first().column() > 0)
                                .isPresent()
                        && first.isPresent()
                        && (!areBoth || second.isPresent());
        return isThere
                ? Optional.of(new WhatIf(
                        area.get(), is(xml, "dtr"), first.get(), areBoth ? second : Optional.<Address>empty()))
                : Optional.empty();
    }

    private static Optional<String> attribute(XMLStreamReader xml, String name) {
        return Optional.ofNullable(xml.getAttributeValue(null, name));
    }

    private static boolean is(XMLStreamReader xml, String name) {
        return attribute(xml, name)
                .filter(value -> value.equals("1") || value.equals("true"))
                .isPresent();
    }

    /** Gives each of its cells that has a value the formula that it stands for. */
    void put(Book.Sheet sheet) {
        sheet.rows()
                .subMap(area.first().row(), true, area.last().row(), true)
                .forEach((row, line) -> line.subMap(
                                area.first().column(), true, area.last().column(), true)
                        .replaceAll((column, shown) -> {
                            Address at = new Address(column, row);
                            return new Book.Cell(
                                    shown.value(),
                                    Optional.of(new Book.Formula(formula(at), at, Optional.empty())),
                                    shown.style(),
                                    shown.unit());
                        }));
    }

    private String formula(Address at) {
        Address above = new Address(at.column(), area.first().row() - 1);
        Address beside = new Address(area.first().column() - 1, at.row());
        Address corner = new Address(beside.column(), above.row());
        return Supposing.ALSO
                + second.map(column -> "(" + corner + "," + first + "," + above + "," + column + "," + beside + ")")
                        .orElse(
                                isRow
                                        ? "(" + beside + "," + first + "," + above + ")"
                                        : "(" + above + "," + first + "," + beside + ")");
    }
}
