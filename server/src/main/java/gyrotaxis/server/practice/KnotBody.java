package gyrotaxis.server.practice;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.shared.Fields;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A share that is tied to see what comes of it.
 *
 * @param shareParts into how many a loop is split
 * @param weeks for how many it is meant to last
 * @param sports and the next two: how it is lived with
 */
record KnotBody(
        @Nullable Texture texture,
        @Nullable Integer shareParts,
        @Nullable Knot knot,
        @Nullable Integer passes,
        @Nullable List<ExtraHold> holds,
        @Nullable Integer weeks,
        @Nullable Boolean sports,
        @Nullable Boolean swims,
        @Nullable Boolean windy) {
    private static final Interval PARTS = new Interval(1, Share.MAX_PARTS);
    private static final Interval PASSES = new Interval(1, Tie.MAX_PASSES);
    private static final Interval WEEKS = new Interval(1, 16);

    /** What is tried, once every field makes sense. */
    record Checked(Texture texture, Share share, Tie tie, Demand demand) {}

    Checked checked() {
        Fields f = new Fields();
        Texture hair = f.present("texture", "The hair", texture, Texture.DEEP_WAVE);
        int parts = f.whole("shareParts", "The share", shareParts, PARTS);
        Knot kind = f.present("knot", "The knot", knot, Knot.REGULAR);
        int times = kind.hasPasses() ? f.whole("passes", "The passes", passes, PASSES) : 1;
        int until = f.whole("weeks", "The weeks", weeks, WEEKS);
        Set<ExtraHold> extra = EnumSet.noneOf(ExtraHold.class);
        extra.addAll(Fields.or(holds, List.of()));
        if (hair.goesInWhole() && parts > 1) {
            f.problem("shareParts", "This hair comes undone when it is split: it goes in whole.");
        }
        extra.stream()
                .filter(h -> !h.fits(kind))
                .findFirst()
                .ifPresent(h -> f.problem(
                        "holds",
                        "This knot cannot be " + h.shortWords() + ": only a single leg leaves one free for it."));
        return f.orRefuse(() -> new Checked(
                hair,
                new Share(parts),
                Tie.of(kind, times).holding(extra),
                new Demand(
                        until,
                        Boolean.TRUE.equals(sports),
                        Boolean.TRUE.equals(swims),
                        Boolean.TRUE.equals(windy),
                        false,
                        0)));
    }
}
