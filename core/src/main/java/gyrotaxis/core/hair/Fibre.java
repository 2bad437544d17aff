package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.OptionalInt;

/**
 * What a hair line is made of, as far as it matters to the hands.
 *
 * @param curlMm width across one curl or wave, mm, in {@link #CURL_MM}
 * @param slip how easily it slides
 * @param isLooped whether it comes in loops; otherwise in loose lengths, which may be cut
 * @param goesInWhole whether it is ready twisted, plaited or locked and comes undone when it is split
 * @param heatC what heat it takes by its label, degrees Celsius, in {@link #HEAT_C}; empty if none
 * @param weekLoft its volume after a week against what is usual for its texture, as a factor, in {@link #WEEK_LOFT}
 */
public record Fibre(
        double curlMm, Slip slip, boolean isLooped, boolean goesInWhole, OptionalInt heatC, double weekLoft) {
    public static final Interval CURL_MM = new Interval(2, 120);
    public static final Interval HEAT_C = new Interval(60, 220);
    public static final Interval WEEK_LOFT = new Interval(0.4, 2);

    public Fibre {
        Require.inRange(curlMm, CURL_MM.min(), CURL_MM.max(), "curlMm", "mm");
        heatC.ifPresent(c -> Require.inRange(c, (int) HEAT_C.min(), (int) HEAT_C.max(), "heatC", "°C"));
        Require.inRange(weekLoft, WEEK_LOFT.min(), WEEK_LOFT.max(), "weekLoft", "");
    }

    /** What keeps its volume as its texture usually does. */
    public Fibre(double curlMm, Slip slip, boolean isLooped, boolean goesInWhole, OptionalInt heatC) {
        this(curlMm, slip, isLooped, goesInWhole, heatC, 1);
    }

    /** The same where its volume after a week is known better. */
    public Fibre lofting(double factor) {
        return new Fibre(curlMm, slip, isLooped, goesInWhole, heatC, factor);
    }

    /** The same in loose lengths, which are pulled apart in tufts. */
    public Fibre inBulk() {
        return new Fibre(curlMm, slip, false, false, heatC, weekLoft);
    }

    /** The same whether it can be split or not. */
    public Fibre goingInWhole(boolean whole) {
        return new Fibre(curlMm, slip, isLooped, whole, heatC, weekLoft);
    }

    /** What a texture usually is. ASSUMPTION: curl widths by eye. */
    public static Fibre usual(Texture texture) {
        double curl = switch (texture) {
            case COARSE_KINKY -> 5;
            case TIGHT_CURL -> 8;
            case SHORT_TWIST -> 9;
            case SPRINGY_CURL -> 22;
            case DEEP_WAVE -> 26;
            case LOOSE_WAVE -> 40;
            case SILKY_WAVE -> 55;
        };
        return new Fibre(curl, Slip.usual(texture), true, texture.goesInWhole(), OptionalInt.empty());
    }
}
