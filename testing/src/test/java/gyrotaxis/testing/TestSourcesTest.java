package gyrotaxis.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What no test of any module may do, read from their sources. */
class TestSourcesTest {
    private static final List<Path> TESTS =
            List.of(Path.of("../core/src/test"), Path.of("../server/src/test"), Path.of("../e2e/src/test"));

    private static final Pattern OF_EACH = Pattern.compile("\\.(allMatch|allSatisfy)\\(");

    /** What makes sure that there is an element. */
    private static final Pattern NOT_EMPTY =
            Pattern.compile("Each\\.of\\(|isNotEmpty\\(\\)|hasSize|singleElement|containsExactly");

    private static final Pattern BY_THE_CLOCK =
            Pattern.compile("Thread\\.sleep\\(|waitForTimeout\\(|assertTimeout|@Timeout");

    /** They wait between two questions, or are no tests: measurements, pictures, faults at random moments. */
    private static final List<String> MAY_SLEEP = List.of(
            "BackupsApiTest.java",
            "HostileFilesTest.java",
            "ServerProcess.java",
            "Screenshots.java",
            "ChairFaults.java",
            "StudioFaults.java",
            "DeskFaults.java");

    private static List<Path> sources() throws IOException {
        List<Path> all = new ArrayList<>();
        for (Path folder : TESTS) {
            try (Stream<Path> files = Files.walk(folder)) {
                files.filter(f -> f.toString().endsWith(".java")).forEach(all::add);
            }
        }
        assertThat(all).hasSizeGreaterThan(100);
        return all;
    }

    @Test
    void whatIsAskedOfEachElementIsNotAskedOfNone() throws IOException {
        List<String> cannotFail = new ArrayList<>();
        for (Path file : sources()) {
            String source = Files.readString(file);
            for (Matcher m = OF_EACH.matcher(source); m.find(); ) {
                String chain = source.substring(chainStart(source, m.start()), m.start());
                if (chain.strip().startsWith("assertThat(")
                        && !NOT_EMPTY.matcher(chain).find()) {
                    cannotFail.add(file.getFileName() + ": " + chain.strip() + m.group());
                }
            }
        }
        assertThat(cannotFail)
                .as("begin with Each.of(…), or ask isNotEmpty() first")
                .isEmpty();
    }

    @Test
    void noTestGoesByTheClock() throws IOException {
        List<String> sleepers = new ArrayList<>();
        for (Path file : sources()) {
            String name = file.getFileName().toString();
            if (BY_THE_CLOCK.matcher(Files.readString(file)).find()
                    && !MAY_SLEEP.contains(name)
                    && !name.endsWith("Measurement.java")) {
                sleepers.add(name);
            }
        }
        assertThat(sleepers).as("turn a clock, or wait for what is to come").isEmpty();
    }

    /** Where the expression begins of which a call is part: the first bracket, comma or end of a statement before it. */
    private static int chainStart(String source, int call) {
        int depth = 0;
        for (int i = call; i > 0; i--) {
            char c = source.charAt(i - 1);
            if (c == ')') {
                depth++;
            } else if (c == '(' && depth-- == 0) {
                return i;
            } else if (depth == 0 && (c == ';' || c == '{' || c == '}' || c == ',' || source.startsWith("->", i - 2))) {
                return i;
            }
        }
        return 0;
    }
}
