package app.logismos.bench;

import app.logismos.recalculate.LiveWorksheet;
import org.apache.poi.hssf.usermodel.HSSFFormulaEvaluator;
import org.apache.poi.hssf.usermodel.HSSFSheet;
import org.apache.poi.hssf.usermodel.HSSFWorkbook;
import org.apache.poi.ss.usermodel.Row;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;

/** 200,000 formulas of five kinds worked out again, here and by the formula evaluator of Apache POI. */
public class FiveKindsBenchmark extends Timed {
    private static final int ROWS = 40_000;

    private LiveWorksheet live;
    private HSSFWorkbook book;
    private HSSFFormulaEvaluator evaluator;

    /** The same numbers and formulas in both. */
    @Setup
    public void fill() {
        live = Columns.fiveKinds(ROWS);
        book = new HSSFWorkbook();
        HSSFSheet sheet = book.createSheet();
        int inputs = FiveKinds.INPUTS.size();
        for (int row = 1; row <= ROWS; row++) {
            Row cells = sheet.createRow(row - 1);
            for (int column = 0; column < inputs; column++) {
                cells.createCell(column)
                        .setCellValue(
                                Double.parseDouble(FiveKinds.INPUTS.get(column).apply(row)));
            }
            for (int column = 0; column < FiveKinds.FORMULAS.size(); column++) {
                cells.createCell(inputs + column)
                        .setCellFormula(FiveKinds.FORMULAS.get(column).apply(row));
            }
        }
        evaluator = book.getCreationHelper().createFormulaEvaluator();
    }

    /** Exact fractions, in the order of their dependencies. */
    @Benchmark
    public LiveWorksheet worksheet() {
        live.recalculateAll();
        return live;
    }

    /** Doubles; nothing kept from the time before. */
    @Benchmark
    public HSSFWorkbook poi() {
        evaluator.clearAllCachedResultValues();
        evaluator.evaluateAll();
        return book;
    }
}
