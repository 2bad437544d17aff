package gyrotaxis.server.fuzz;

import java.util.List;
import java.util.SplittableRandom;

/** What is drawn by lot; the same seed draws the same. */
final class Chance {
    /** Letters that have broken programs: ends of strings, directions, marks, surrogates, what other languages take for their own. */
    private static final List<String> ODD_TEXTS = List.of(
            "",
            " ",
            "\u0000",
            "a\u0000b",
            "\u202eabc",
            "\u200b",
            "\ufeff",
            "\ud83e\uddf6",
            "\ud83e",
            "a\u0301\u0301\u0301",
            "ſ",
            "ß",
            "İ",
            "\r\n",
            "\t",
            "=1+1",
            "'; drop table client; --",
            "<script>alert(1)</script>",
            "../../etc",
            "{0}",
            "%s%n",
            "NaN",
            "-0",
            "null",
            "2027-02-30",
            "0000-00-00T00:00:00Z",
            "+999999999-12-31");

    private static final List<Double> ODD_FIGURES = List.of(
            0.0,
            -0.0,
            -1.0,
            1.0,
            0.5,
            1e-300,
            1e300,
            -1e300,
            1e9,
            2147483648.0,
            9.223372036854776E18,
            0.1 + 0.2,
            365.0,
            1000.0,
            100000.0);

    private final SplittableRandom random;

    Chance(long seed) {
        this.random = new SplittableRandom(seed);
    }

    /** True in so many of a hundred. */
    boolean percent(int n) {
        return random.nextInt(100) < n;
    }

    /** From 0 to below n. */
    int below(int n) {
        return random.nextInt(n);
    }

    <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    String oddText() {
        return percent(85) ? one(ODD_TEXTS) : one(ODD_TEXTS).concat("x").repeat(1 + below(3000));
    }

    double oddFigure() {
        return percent(60) ? one(ODD_FIGURES) : between(-1000, 1000);
    }

    String id() {
        return new java.util.UUID(random.nextLong(), random.nextLong()).toString();
    }
}
