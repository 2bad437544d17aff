import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Prints how two builds compare: for each benchmark the ratio of this build to the other, round by round, and its median.
 *
 * <p>Machines differ by a factor of three from hour to hour; the ratio of two runs that follow each other holds. Run as
 * {@code java CompareReport.java NAME FOLDER}, where the folder holds {@code here-N.csv} and {@code there-N.csv} as JMH writes them.
 */
public final class CompareReport {
    private CompareReport() {}

    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[1]);
        Map<String, List<Double>> ratios = new TreeMap<>();
        Map<String, List<Double>> here = new TreeMap<>();
        for (int round = 1; Files.exists(folder.resolve("there-" + round + ".csv")); round++) {
            Map<String, Double> now = scores(folder.resolve("here-" + round + ".csv"));
            Map<String, Double> then = scores(folder.resolve("there-" + round + ".csv"));
            now.forEach((name, score) -> {
                here.computeIfAbsent(name, n -> new ArrayList<>()).add(score);
                if (then.containsKey(name)) {
                    ratios.computeIfAbsent(name, n -> new ArrayList<>()).add(score / then.get(name));
                }
            });
        }
        System.out.printf("%n%-72s %10s   %s%n", "median of samples, this build", "here, ms", "ratio to " + args[0] + " (each round)");
        here.forEach((name, scores) -> System.out.printf(
                "%-72s %10.3f   %s%n", name, median(scores), ratios.containsKey(name) ? words(ratios.get(name)) : "not there"));
    }

    private static String words(List<Double> all) {
        StringBuilder rounds = new StringBuilder();
        all.stream().sorted().forEach(r -> rounds.append(String.format(" %.2f", r)));
        return String.format("%.2f  (%s)", median(all), rounds.toString().strip());
    }

    private static double median(List<Double> all) {
        List<Double> sorted = all.stream().sorted().toList();
        int n = sorted.size();
        return n % 2 == 1 ? sorted.get(n / 2) : (sorted.get(n / 2 - 1) + sorted.get(n / 2)) / 2;
    }

    /** The median of each benchmark's samples, or its mean where it takes none. */
    private static Map<String, Double> scores(Path csv) throws IOException {
        Map<String, Double> scores = new TreeMap<>();
        try (Stream<String> lines = Files.lines(csv)) {
            lines.skip(1).map(l -> l.replace("\"", "").split(",")).forEach(cells -> {
                String name = cells[0].replaceAll("^.*\\.([A-Za-z]+\\.[^.:]+)(:.*)?$", "$1");
                boolean isPercentile = cells[0].contains("·p") || cells[0].contains(":p");
                boolean isMedian = cells[0].endsWith("p0.50");
                StringBuilder full = new StringBuilder(name.replaceAll(":.*", "").replaceAll("·.*", ""));
                for (int i = 7; i < cells.length; i++) {
                    full.append(' ').append(cells[i]);
                }
                if (isMedian) {
                    scores.put(full.toString(), Double.parseDouble(cells[4]));
                } else if (!isPercentile) {
                    scores.putIfAbsent(full.toString(), Double.parseDouble(cells[4]));
                }
            });
        }
        return scores;
    }
}
