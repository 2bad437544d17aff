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
 */
public record Fibre(double curlMm, Slip slip, boolean isLooped, boolean goesInWhole, OptionalInt heatC) {
    public static final Interval CURL_MM = new Interval(2, 120);
    public static final Interval HEAT_C = new Interval(60, 220);

    public Fibre {
        Require.inRange(curlMm, CURL_MM.min(), CURL_MM.max(), "curlMm", "mm");
        heatC.ifPresent(c -> Require.inRange(c, (int) HEAT_C.min(), (int) HEAT_C.max(), "heatC", "°C"));
    }

    /** The same in loose lengths, which are pulled apart in tufts. */
    public Fibre inBulk() {
        return new Fibre(curlMm, slip, false, false, heatC);
    }

    /** The same whether it can be split or not. */
    public Fibre goingInWhole(boolean whole) {
        return new Fibre(curlMm, slip, isLooped, whole, heatC);
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
