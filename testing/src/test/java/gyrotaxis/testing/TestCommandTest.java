package gyrotaxis.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The command that passes the tests, with stages that do nothing: what it ends with, and what its last line says. */
class TestCommandTest {
    private static final Path SCRIPTS = Path.of("../scripts").toAbsolutePath().normalize();

    /** As the real stages do, each leaves a report; one that is told to be bad leaves a failure and ends with 1. */
    private static final String STAGES = """
            set -euo pipefail
            here=$PWD
            . scripts/tools.sh
            . scripts/tests.sh
            need_build_tools() { :; }
            need_browser() { :; }
            leave_report() {
              mkdir -p "$1"
              if [ "$2" = bad ]; then
                echo '<testsuite><testcase classname="a.ATest" name="b"><failure message="no"/></testcase></testsuite>' >"$1/TEST-a.xml"
                return 1
              fi
              echo '<testsuite><testcase classname="a.ATest" name="b" time="1.0"/></testsuite>' >"$1/TEST-a.xml"
            }
            compile() { [ "${A_COMPILES:-yes}" = yes ]; }
            java_format() { :; }
            page_checks() { [ "${A_CHECKS:-good}" = good ]; }
            page_tests() { leave_report web/target/reports "${A_PAGE:-good}"; }
            core_tests() { leave_report core/target/surefire-reports good; }
            server_tests() { [ "${A_SERVER:-good}" = none ] || leave_report server/target/surefire-reports "${A_SERVER:-good}"; }
            browser_tests() { leave_report e2e/target/surefire-reports good; }
            test_all
            """;

    private record Ended(int code, String said) {}

    @TempDir
    Path project;

    @BeforeEach
    void aProject() throws IOException {
        Files.createSymbolicLink(project.resolve("scripts"), SCRIPTS);
        Files.createDirectories(project.resolve("web/scripts"));
        Files.writeString(project.resolve("web/scripts/install.sh"), "exit 0\n");
    }

    private Ended run(String... set) throws IOException, InterruptedException {
        ProcessBuilder bash = new ProcessBuilder("bash", "-c", STAGES)
                .directory(project.toFile())
                .redirectErrorStream(true);
        bash.redirectInput(Path.of("/dev/null").toFile());
        for (String one : set) {
            String[] parts = one.split("=");
            bash.environment().put(parts[0], parts[1]);
        }
        Process process = bash.start();
        String said = new String(process.getInputStream().readAllBytes());
        return new Ended(process.waitFor(), said);
    }

    @Test
    void itEndsWellWhenEveryStageDid() throws IOException, InterruptedException {
        Ended ended = run();
        assertThat(ended.code()).as(ended.said()).isZero();
        assertThat(ended.said().strip()).endsWith("4 passed, 0 failed, 0 skipped");
    }

    @Test
    void aTestThatFailedFailsIt() throws IOException, InterruptedException {
        Ended ended = run("A_PAGE=bad");
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.said()).contains("./gyrotaxis test page a.ATest").endsWith("3 passed, 1 failed, 0 skipped\n");
    }

    @Test
    void aStageWithoutTestsFailsIt() throws IOException, InterruptedException {
        Ended checks = run("A_CHECKS=bad");
        assertThat(checks.code()).isEqualTo(1);
        assertThat(checks.said()).contains("failed; see .local/tests/page-checks.log");
        Ended none = run("A_SERVER=none");
        assertThat(none.code()).isEqualTo(1);
        assertThat(none.said()).contains("ran no test");
    }

    @Test
    void whatWasNotCompiledIsToldAsNotRun() throws IOException, InterruptedException {
        Ended ended = run("A_COMPILES=no");
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.said()).containsPattern("server +did not run").endsWith("1 passed, 0 failed, 0 skipped\n");
    }
}
