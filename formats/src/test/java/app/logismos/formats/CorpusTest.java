package app.logismos.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Words;
import app.logismos.formats.book.Book;
import app.logismos.formats.book.BookReader;
import app.logismos.formats.document.Compared;
import app.logismos.formats.document.DocumentKind;
import app.logismos.formats.document.Unreadable;
import app.logismos.formats.office.OfficeReader;
import app.logismos.formats.opendocument.OpenDocumentReader;
import java.io.IOException;
import java.io.InputStream;
import java.net.URISyntaxException;
import java.net.URL;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.jar.JarEntry;
import java.util.jar.JarFile;
import org.junit.jupiter.api.Test;

/** Documents that other programs have written, from the test artifacts of libraries that read them. */
class CorpusTest {
    private static final String FOLDER = "test-documents/";

    /** Those that a password locks. */
    private static final int MOST_REFUSED = 4;

    private record Named(String name, byte[] bytes) {}

    @Test
    void everyDocumentIsReadOrRefusedInASentenceAndItsFormulasAgree() throws Exception {
        List<Named> documents = documents();
        assertThat(documents).hasSizeGreaterThan(30);
        List<String> refused = new ArrayList<>();
        int formulas = 0;
        List<String> unlike = new ArrayList<>();
        for (Named document : documents) {
            try {
                Optional<Compared> compared = BookReader.read(book(document), document.name(), Words.STANDARD)
                        .compared();
                formulas += compared.map(Compared::formulas).orElse(0);
                compared.ifPresent(each -> {
                    each.differ().forEach(cell -> unlike.add(document.name() + " " + cell));
                    each.kept().forEach(cell -> unlike.add(document.name() + " " + cell));
                });
            } catch (Unreadable said) {
                assertThat(said.getMessage()).endsWith(".");
                refused.add(document.name());
            }
        }
        assertThat(refused).hasSizeLessThanOrEqualTo(MOST_REFUSED);
        assertThat(formulas).isGreaterThan(30);
        assertThat(unlike).isEmpty();
    }

    private static Book book(Named document) {
        return DocumentKind.of(document.bytes(), document.name()) == DocumentKind.OPEN_DOCUMENT
                ? OpenDocumentReader.read(document.bytes())
                : OfficeReader.read(document.bytes());
    }

    private static List<Named> documents() throws IOException, URISyntaxException {
        List<Named> found = new ArrayList<>();
        for (URL folder : Collections.list(CorpusTest.class.getClassLoader().getResources(FOLDER))) {
            String jar = folder.toString().replaceFirst("^jar:", "").replaceFirst("!.*", "");
            if (!folder.getProtocol().equals("jar")) {
                continue;
            }
            try (JarFile file = new JarFile(Path.of(new URL(jar).toURI()).toFile())) {
                for (JarEntry entry : Collections.list(file.entries())) {
                    if (entry.getName().matches(".*\\.(xlsx|xlsm|xltx|ods)")) {
                        try (InputStream in = file.getInputStream(entry)) {
                            found.add(new Named(entry.getName(), in.readAllBytes()));
                        }
                    }
                }
            }
        }
        return found;
    }
}
