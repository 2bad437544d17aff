package gyrotaxis.core.install;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.quantity.Require;
import java.util.List;
import java.util.Optional;

/**
 * Lines and colours that are hooked into one head beside the main one.
 *
 * @param how by what rule they are spread
 * @param others what is mixed in, at most {@link #MAX_OTHERS}; empty for one hair throughout
 * @param seed decides where each comes; the same seed gives the same head
 * @param mayClump whether two clumps of what is mixed in may lie side by side
 */
public record HairMix(How how, List<Strand> others, long seed, boolean mayClump) {
    public static final int MAX_OTHERS = 4;
    private static final int ALL_PERCENT = 100;

    /** Rules by which hair is spread. */
    public enum How {
        /** Evenly over the head, by parts of a hundred. */
        RATIO("mixed throughout"),
        /** Every share half of one and half of the other, on one hook. */
        BLENDED("blended in every share"),
        /** Each zone in its own. */
        ZONES("by zone"),
        /** A few, round the face and along the parts. */
        ACCENTS("accents round the face and parts");

        private final String words;

        How(String words) {
            this.words = words;
        }

        /** What a stylist says. */
        public String words() {
            return words;
        }
    }

    /**
     * One hair that is mixed in.
     *
     * @param line which line
     * @param colour one of its colours
     * @param percent of the stations it is meant for, in [1, 100]
     * @param zone the zone it takes, where the rule is {@link How#ZONES}
     */
    public record Strand(HairLine line, String colour, int percent, Optional<Zone> zone) {
        public Strand {
            Require.inRange(percent, 1, ALL_PERCENT, "percent", "%");
            if (!line.colours().contains(colour)) {
                throw new IllegalArgumentException("colour is " + colour + " but " + line.name() + " comes in "
                        + String.join(", ", line.colours()));
            }
        }
    }

    public HairMix {
        others = List.copyOf(others);
        Require.inRange(others.size(), 0, MAX_OTHERS, "others", "");
        if (how == How.BLENDED) {
            // Three on one hook are too many to hold apart by hand.
            Require.inRange(others.size(), 0, 1, "others blended in", "");
        } else if (how != How.ZONES) {
            int sum = others.stream().mapToInt(Strand::percent).sum();
            Require.inRange(sum, 0, ALL_PERCENT, "percent in all", "%");
        }
    }

    /** Whether a share of this size is half of one and half of the other; smaller than a quarter it cannot be. */
    public boolean blends(Share share) {
        return how == How.BLENDED && !others.isEmpty() && share.parts() * 2 <= Share.MAX_PARTS;
    }

    /** One hair throughout. */
    public static HairMix none() {
        return new HairMix(How.RATIO, List.of(), 1, false);
    }
}
