package gyrotaxis.core.learn;

import gyrotaxis.core.estimate.Known;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * One figure: what is usual, what was seen, what is believed.
 *
 * @param what which figure
 * @param usual what is taken as long as nothing is known
 * @param value what is believed; {@code usual} if nothing was seen
 * @param from where it was learned
 * @param points each visit it was seen in, the oldest first
 * @param isRefused whether the stylist keeps to what is usual all the same
 */
public record Lesson(Known what, double usual, double value, From from, List<Point> points, boolean isRefused) {
    /** Where a figure was learned. */
    public enum From {
        NOWHERE,
        /** Her hands, on all hair. */
        HANDS,
        /** Lines of the same texture. */
        TEXTURE,
        /** This line. */
        LINE
    }

    /**
     * What one visit said.
     *
     * @param weight how much it counts, in [0, 1]; 0 if it is too odd, or left out
     * @param isLeftOut whether the stylist left it out
     */
    public record Point(UUID visit, LocalDate day, double value, double weight, boolean isLeftOut) {}

    public Lesson {
        points = List.copyOf(points);
    }

    /** How many visits it rests on: those that weigh something. */
    public int visits() {
        return (int) points.stream().filter(p -> p.weight() > 0).count();
    }

    /** Whether a plan takes it. */
    public boolean isTaken() {
        return !isRefused && visits() > 0;
    }
}
