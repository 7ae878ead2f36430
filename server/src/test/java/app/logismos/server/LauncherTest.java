package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The launcher, with programs that only write down how they were called in the place of Java, Maven and Node, in a folder
 * with spaces.
 */
class LauncherTest {
    /** What it may use of the system: no sha256sum among them, and no readlink -f. */
    private static final List<String> SYSTEM = List.of(
            "bash",
            "cat",
            "cksum",
            "cp",
            "dirname",
            "env",
            "find",
            "grep",
            "head",
            "mkdir",
            "mv",
            "readlink",
            "rm",
            "sed",
            "sort");

    @TempDir
    Path folder;

    private Path home;
    private Path caller;
    private Path programs;

    @BeforeEach
    void lay() throws IOException {
        home = Files.createDirectories(folder.resolve("a program/of ours"));
        caller = Files.createDirectories(folder.resolve("where I am"));
        programs = Files.createDirectories(folder.resolve("bin"));
        Files.copy(Path.of("../logismos"), home.resolve("logismos"));
        executable(home.resolve("logismos"));
        for (String source : List.of(
                "core",
                "server",
                "web",
                "docs",
                ".mvn",
                "core/src/main",
                "formats/src/main",
                "server/src/main",
                "web/src")) {
            Files.createDirectories(home.resolve(source));
        }
        Files.createDirectories(home.resolve("web/public"));
        for (String file : List.of(
                "pom.xml",
                "core/pom.xml",
                "formats/pom.xml",
                "server/pom.xml",
                "web/pom.xml",
                "web/package-lock.json",
                "web/index.html",
                "web/build.mjs",
                "web/vite.config.ts",
                "docs/openapi.json")) {
            Files.writeString(home.resolve(file), file);
        }
        for (String name : SYSTEM) {
            Path found = Stream.of("/usr/bin/", "/bin/")
                    .map(at -> Path.of(at + name))
                    .filter(Files::exists)
                    .findFirst()
                    .orElseThrow();
            Files.createSymbolicLink(programs.resolve(name), found);
        }
        program("java", """
                case "$*" in
                *-version*) echo 'openjdk version "17.0.9" 2023-10-17' >&2 ;;
                *extract*) mkdir -p .build/program; echo jar >.build/program/server-1-exec.jar ;;
                *) for each in "$@"; do echo "$each"; done ;;
                esac
                """);
        program("javac", "");
        program("mvn", """
                mkdir -p server/target web/src/api
                echo jar >server/target/server-1-exec.jar
                echo made >web/src/api/contract.ts
                echo built >&2
                """);
        program("node", "echo v20.11.0");
        program("npm", "");
    }

    private void program(String name, String script) throws IOException {
        Files.deleteIfExists(programs.resolve(name));
        executable(Files.writeString(programs.resolve(name), "#!" + programs.resolve("bash") + "\n" + script));
    }

    private static void executable(Path file) throws IOException {
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    /** What it printed, on both streams, and how it ended. */
    private record Ended(int status, List<String> lines) {}

    private Ended call(Path launcher, String... arguments) throws IOException, InterruptedException {
        ProcessBuilder called = new ProcessBuilder(
                Stream.concat(Stream.of(programs.resolve("bash").toString(), launcher.toString()), Stream.of(arguments))
                        .toList());
        called.directory(caller.toFile()).redirectErrorStream(true);
        called.environment().clear();
        called.environment().put("PATH", programs.toString());
        Process process = called.start();
        String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Ended(process.waitFor(), printed.lines().toList());
    }

    private Ended call(String... arguments) throws IOException, InterruptedException {
        return call(home.resolve("logismos"), arguments);
    }

    @Test
    void itBuildsOnceAndAgainWhenASourceHasChanged() throws Exception {
        assertThat(call("run", "--port", "0").lines()).contains("built");
        assertThat(call("run", "--port", "0").lines()).doesNotContain("built");
        Files.writeString(home.resolve("core/src/main/Changed.java"), "class Changed {}");
        assertThat(call("run", "--port", "0").lines()).contains("built");
    }

    @Test
    void aFolderForWorksheetsIsMeantFromWhereOneIs() throws Exception {
        assertThat(call("run", "--port", "0", "--data", "my sheets").lines())
                .contains("--logismos.data=" + caller.toRealPath().resolve("my sheets"));
        assertThat(caller.resolve("my sheets")).isDirectory();
        Path elsewhere = folder.resolve("elsewhere");
        assertThat(call("demo", "--port", "0", "--data", elsewhere.toString()).lines())
                .contains("--logismos.data=" + elsewhere.toRealPath(), "--logismos.demo=true");
        assertThat(call("run", "--port", "0").lines())
                .contains("--logismos.data=" + home.toRealPath().resolve("data"), "--logismos.demo=false");
        assertThat(call("restore", "latest", "--data", "my sheets").lines())
                .containsSequence(caller.resolve("my sheets").toString(), "latest");
        assertThat(call("backup", "sheets.zip", "--data", "my sheets").lines())
                .containsSequence(
                        caller.resolve("my sheets").toString(),
                        caller.resolve("sheets.zip").toString());
        Files.writeString(caller.resolve("sheets.zip"), "");
        assertThat(call("restore", "sheets.zip", "--data", "my sheets").lines())
                .containsSequence(
                        caller.resolve("my sheets").toString(),
                        caller.resolve("sheets.zip").toString());
    }

    @Test
    void itIsFoundThroughLinksToLinks() throws Exception {
        Path first = Files.createSymbolicLink(home.resolve("link"), Path.of("logismos"));
        Path second = Files.createSymbolicLink(folder.resolve("bin/lg"), first);
        assertThat(call(second, "run", "--port", "0").lines())
                .contains("--logismos.data=" + home.toRealPath().resolve("data"));
    }

    @Test
    void whatIsMissingOrTooOldIsSaid() throws Exception {
        program("node", "echo v18.19.0");
        assertThat(call("build"))
                .isEqualTo(new Ended(1, List.of("Node 18 is too old. Logismos needs Node 20 or later.")));
        Files.delete(programs.resolve("node"));
        assertThat(call("build").lines()).containsExactly("node is missing. Logismos needs Node 20 or later.");
        Files.delete(programs.resolve("mvn"));
        assertThat(call("test").lines()).containsExactly("mvn is missing. Logismos needs Maven 3.8 or later.");
        program("java", "echo 'java version \"1.8.0_392\"' >&2");
        assertThat(call("run", "--port", "0").lines())
                .containsExactly("Java 8 is too old. Logismos needs Java 17 or later.");
        Files.delete(programs.resolve("java"));
        assertThat(call("run", "--port", "0"))
                .isEqualTo(new Ended(1, List.of("java is missing. Logismos needs Java, version 17 or later.")));
    }

    @Test
    void aPortThatIsTakenIsSaidBeforeAnythingIsStarted() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 5, InetAddress.getLoopbackAddress())) {
            Ended ended = call("run", "--port", String.valueOf(taken.getLocalPort()));
            assertThat(ended.status()).isEqualTo(1);
            assertThat(ended.lines())
                    .containsExactly("Port " + taken.getLocalPort()
                            + " is taken: another program answers there, perhaps Logismos itself. End it, or choose another"
                            + " with --port.");
        }
        assertThat(call("run", "--port", "99999").lines())
                .containsExactly("--port needs a number from 0 to 65535, was 99999.");
        assertThat(call("run", "--port").lines()).containsExactly("--port needs a number.");
    }

    @Test
    void otherAddressesAndNamesAreHandedOn() throws Exception {
        assertThat(call("run", "--port", "0").lines())
                .contains("--server.address=127.0.0.1")
                .noneMatch(line -> line.contains("allowed-hosts"));
        assertThat(call("run", "--port", "0", "--address", "0.0.0.0", "--allowed-hosts", "desk-4,desk-5")
                        .lines())
                .contains("--server.address=0.0.0.0", "--logismos.allowed-hosts=desk-4,desk-5");
    }
}
