package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.server.worksheet.Practice;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;

/** What the program does while it starts, so that the first person does not wait. */
@ExtendWith(OutputCaptureExtension.class)
class PracticeTest {
    private static final List<String> TABLES = List.of("worksheet", "block", "strip", "journal");

    @TempDir
    Path data;

    @Test
    void aPractisedChangeIsWrittenAndLeavesNothing(CapturedOutput output) {
        try (Program program = Program.start(data, false)) {
            program.newWorksheet("Blend");
            Map<String, Long> before = rows(program);
            program.part(Practice.class).change();
            assertThat(rows(program)).isEqualTo(before);
            assertThat(program.get("/worksheets").body()).hasSize(1);
            assertThat(output).doesNotContain("could be practised");
        }
    }

    private static Map<String, Long> rows(Program program) {
        return TABLES.stream()
                .collect(Collectors.toMap(table -> table, table -> program.count("select count(*) from " + table)));
    }
}
