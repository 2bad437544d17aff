package gyrotaxis.core.install;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.Optional;

/**
 * What is wished for one zone beyond the fullness of the whole head.
 *
 * @param closer how much closer than usual it is hooked, as a factor, in {@link #CLOSER}; 1 is usual
 * @param share what each station takes, if not the usual share
 */
public record ZoneWish(double closer, Optional<Share> share) {
    public static final Interval CLOSER = new Interval(0.4, 2.5);

    /** As usual. */
    public static final ZoneWish NONE = new ZoneWish(1, Optional.empty());

    public ZoneWish {
        Require.inRange(closer, CLOSER.min(), CLOSER.max(), "closer", "");
    }

    /** The same hooked more closely or widely, as far as {@link #CLOSER} allows. */
    public ZoneWish closerBy(double factor) {
        return new ZoneWish(CLOSER.clamp(closer * factor), share);
    }

    /** The same at another spacing. */
    public ZoneWish at(double other) {
        return new ZoneWish(other, share);
    }
}
