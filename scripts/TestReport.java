import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/**
 * Says what became of a test run: a table of its stages, the slowest tests, and each failure with the line that matters and the command
 * that runs it alone. Reads the XML reports that Surefire and Vitest write.
 *
 * <p>Run as {@code java TestReport.java PROJECT RESULTS STAGE…}; exits with 1 if anything failed or did not run.
 */
public final class TestReport {
    private static final int SLOWEST = 10;
    private static final int MAX_LINE_LENGTH = 160;

    private static final String SUREFIRE = "target/surefire-reports";

    /** Where the reports of a stage with tests lie. */
    private static final Map<String, List<String>> REPORTS = Map.of(
            "core", List.of("testing/" + SUREFIRE, "core/" + SUREFIRE),
            "server", List.of("server/" + SUREFIRE),
            "browser", List.of("e2e/" + SUREFIRE),
            "page", List.of("web/target/reports"));

    private record Test(String stage, String group, String name, double seconds, boolean isSkipped, String failure) {
        String words() {
            String last = group.substring(group.lastIndexOf('.') + 1);
            return stage + "  " + (stage.equals("page") ? group : last) + ": " + name;
        }

        /** The command that runs it alone. */
        String alone() {
            return stage.equals("page")
                    ? "./gyrotaxis test page " + group
                    : "./gyrotaxis test " + stage + " " + group.substring(group.lastIndexOf('.') + 1) + "#"
                            + name.replaceAll("[^A-Za-z0-9_].*", "");
        }
    }

    private TestReport() {}

    public static void main(String[] args) throws IOException {
        Path project = Path.of(args[0]);
        Path results = Path.of(args[1]);
        List<Test> all = new ArrayList<>();
        StringBuilder out = new StringBuilder();
        int failedStages = 0;
        double allCpuSeconds = 0;
        out.append(String.format(
                "%n%-12s %7s %7s %8s %8s %8s%n", "stage", "tests", "failed", "skipped", "seconds", "CPU s"));
        for (String stage : List.of(args).subList(2, args.length)) {
            List<Test> tests = new ArrayList<>();
            for (String folder : REPORTS.getOrDefault(stage, List.of())) {
                tests.addAll(read(stage, project.resolve(folder)));
            }
            all.addAll(tests);
            Path end = results.resolve(stage + ".end");
            long failed = tests.stream().filter(t -> !t.failure().isEmpty()).count();
            if (!Files.exists(end)) {
                out.append(String.format("%-12s %s%n", stage, "did not run"));
                failedStages++;
                continue;
            }
            // The exit code, seconds, and CPU seconds of the user's code and of the system's.
            String[] ended = Files.readString(end).strip().split(" ");
            boolean isBad = !ended[0].equals("0");
            double cpuSeconds = seconds(ended[2].replace(',', '.')) + seconds(ended[3].replace(',', '.'));
            allCpuSeconds += cpuSeconds;
            boolean isEmpty = REPORTS.containsKey(stage) && tests.isEmpty();
            failedStages += isBad || isEmpty ? 1 : 0;
            out.append(String.format(
                    "%-12s %7s %7s %8s %8s %8.0f%s%n",
                    stage,
                    tests.isEmpty() ? "" : tests.size(),
                    tests.isEmpty() ? "" : failed,
                    tests.isEmpty() ? "" : tests.stream().filter(Test::isSkipped).count(),
                    ended[1],
                    cpuSeconds,
                    isBad && failed == 0 ? "   failed; see " + project.relativize(results) + "/" + stage + ".log"
                            : isEmpty ? "   ran no test" : ""));
        }
        out.append(String.format("%nAll stages: %.1f CPU minutes. The slowest:%n", allCpuSeconds / 60));
        all.stream()
                .sorted(Comparator.comparingDouble(Test::seconds).reversed())
                .limit(SLOWEST)
                .forEach(t -> out.append(String.format("%8.1f s  %s%n", t.seconds(), t.words())));
        List<Test> failures = all.stream().filter(t -> !t.failure().isEmpty()).toList();
        for (Test t : failures) {
            out.append(String.format("%nFAILED  %s%n        %s%n        %s%n", t.words(), t.failure(), t.alone()));
        }
        for (String stage : List.of(args).subList(2, args.length)) {
            Path end = results.resolve(stage + ".end");
            boolean isBad = Files.exists(end) && !Files.readString(end).startsWith("0 ");
            if (isBad && failures.stream().noneMatch(t -> t.stage().equals(stage))) {
                out.append(String.format("%nFAILED  %s; the end of what it said:%n", stage));
                List<String> log = Files.readAllLines(results.resolve(stage + ".log"));
                log.subList(Math.max(0, log.size() - 25), log.size()).forEach(l -> out.append("        ").append(l).append('\n'));
            }
        }
        long skipped = all.stream().filter(Test::isSkipped).count();
        out.append(String.format(
                "%n%d passed, %d failed, %d skipped", all.size() - failures.size() - skipped, failures.size(), skipped));
        System.out.println(out);
        Files.writeString(results.resolve("summary.txt"), out + "\n");
        System.exit(failures.isEmpty() && failedStages == 0 ? 0 : 1);
    }

    private static List<Test> read(String stage, Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.toString().endsWith(".xml"))
                    .flatMap(f -> tests(stage, f).stream())
                    .toList();
        }
    }

    private static List<Test> tests(String stage, Path file) {
        try {
            NodeList cases = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(file.toFile())
                    .getElementsByTagName("testcase");
            List<Test> tests = new ArrayList<>();
            for (int i = 0; i < cases.getLength(); i++) {
                Element c = (Element) cases.item(i);
                tests.add(new Test(
                        stage,
                        c.getAttribute("classname"),
                        c.getAttribute("name"),
                        seconds(c.getAttribute("time")),
                        c.getElementsByTagName("skipped").getLength() > 0,
                        failure(c)));
            }
            return tests;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (Exception e) {
            throw new IllegalStateException(file + " cannot be read", e);
        }
    }

    private static double seconds(String time) {
        return time.isEmpty() ? 0 : Double.parseDouble(time.replace(",", ""));
    }

    /** The first line that says something; empty if it passed. */
    private static String failure(Element test) {
        for (String kind : List.of("failure", "error")) {
            NodeList found = test.getElementsByTagName(kind);
            if (found.getLength() > 0) {
                Element e = (Element) found.item(0);
                String text = (e.getAttribute("message") + "\n" + e.getTextContent())
                        .lines()
                        .map(String::strip)
                        .filter(l -> !l.isEmpty())
                        .limit(4)
                        .reduce((a, b) -> a + " | " + b)
                        .orElse(kind);
                return text.length() <= MAX_LINE_LENGTH ? text : text.substring(0, MAX_LINE_LENGTH) + "…";
            }
        }
        return "";
    }
}
