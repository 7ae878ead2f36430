package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** What stands in the tests' class path alone is missing in the program that is started. */
class DependenciesTest {
    @ParameterizedTest
    @ValueSource(strings = {"core", "formats"})
    void whatAModuleNeedsIsNotNarrowedToTestsByTheServer(String module) throws Exception {
        Set<String> needed = artifacts(Path.of("..", module, "pom.xml"), "");
        assertThat(needed).isNotEmpty();
        needed.retainAll(artifacts(Path.of("pom.xml"), "test"));
        assertThat(needed).isEmpty();
    }

    /** The libraries of a module that have a scope; none is the usual one. */
    private static Set<String> artifacts(Path pom, String scope) throws Exception {
        NodeList all = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(pom.toFile())
                .getElementsByTagName("dependency");
        Set<String> found = new HashSet<>();
        for (int i = 0; i < all.getLength(); i++) {
            Element each = (Element) all.item(i);
            if (text(each, "scope").equals(scope) && text(each, "type").isEmpty()) {
                found.add(text(each, "artifactId"));
            }
        }
        return found;
    }

    private static String text(Element dependency, String name) {
        NodeList parts = dependency.getElementsByTagName(name);
        return parts.getLength() == 0 ? "" : parts.item(0).getTextContent();
    }
}
