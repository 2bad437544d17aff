package gyrotaxis.testing;

import java.util.List;
import java.util.stream.Stream;

/**
 * How much of a property is tried: a small sample with the tests, all of it by {@code ./gyrotaxis bench --properties}.
 *
 * <p>A long run sets the system property {@code plans} to the number of random plans it tries.
 */
public final class LongRun {
    private static final Integer PLANS = Integer.getInteger("plans");

    private LongRun() {}

    /** Whether everything is tried. */
    public static boolean isOn() {
        return PLANS != null;
    }

    /** How many random plans are tried. */
    public static int plans(int usually) {
        return PLANS == null ? usually : PLANS;
    }

    /** All cases in a long run, otherwise the first ones. */
    public static <T> Stream<T> firstOf(int usually, List<T> cases) {
        return cases.stream().limit(isOn() ? cases.size() : usually);
    }
}
