package gyrotaxis.core.knot;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * How well a tied share holds, against what it has to stand.
 *
 * <p>A product of factors, each shown; 1 just lasts. All of them are ASSUMPTION: an ordering that stylists agree on, put into
 * figures; to be learned from which knots slid.
 *
 * @param factors what it is made of, in the order in which it is told
 */
public record Hold(List<Factor> factors) {
    /** Below this a knot is expected to slide before the hair is taken down. */
    public static final double LASTS = 1;

    /** A share at least so small locks under a first twist. */
    public static final int LOCKS_FROM_PARTS = 3;

    /** Weeks for which holds are given; a longer wear asks for more. ASSUMPTION: between the four and the six that are advised. */
    private static final int USUAL_WEEKS = 5;

    /** How much better a single leg holds for each part of the fibre more that goes through. */
    private static final double LEG_HOLDS = 0.6;

    /**
     * One reason for holding or sliding.
     *
     * @param words what it is
     * @param factor more than 1 holds better
     */
    public record Factor(String words, double factor) {}

    public Hold {
        factors = List.copyOf(factors);
    }

    /** The hold of a share of fibre tied in a way. */
    public static Hold of(Slip slip, Share share, Tie tie, Demand demand) {
        boolean locks = share.parts() >= LOCKS_FROM_PARTS;
        return new Hold(List.of(
                new Factor(slip.words() + " fibre", slipFactor(slip)),
                new Factor(share.words(), shareFactor(share)),
                new Factor(knotWords(tie.knot(), locks), knotFactor(tie, locks)),
                new Factor(passWords(tie), passFactor(tie)),
                new Factor(holdWords(tie), holdFactor(tie)),
                new Factor(demandWords(demand), demandFactor(demand))));
    }

    /** Whether a share would last, as {@link #lasts} says, without telling why: it is asked of every share and pass. */
    public static boolean wouldLast(Slip slip, Share share, Tie tie, Demand demand) {
        boolean locks = share.parts() >= LOCKS_FROM_PARTS;
        return slipFactor(slip)
                        * shareFactor(share)
                        * knotFactor(tie, locks)
                        * passFactor(tie)
                        * holdFactor(tie)
                        * demandFactor(demand)
                >= LASTS;
    }

    /** The largest share of a fibre that lasts when it is tied as well as passes can; empty if not even the smallest does. */
    public static Optional<Share> largestThatLasts(Slip slip, Demand demand) {
        return IntStream.rangeClosed(1, Share.MAX_PARTS)
                .mapToObj(Share::new)
                .filter(share -> {
                    boolean locks = slip == Slip.SLIDING && share.parts() >= LOCKS_FROM_PARTS;
                    Tie best = Tie.of(locks ? Knot.TWIST_FIRST : Knot.REGULAR, Tie.USEFUL_PASSES);
                    return wouldLast(slip, share, best, demand);
                })
                .findFirst();
    }

    /** All factors together; at least {@link #LASTS} for a knot that is expected to last. */
    public double score() {
        return factors.stream().mapToDouble(Factor::factor).reduce(1, (a, b) -> a * b);
    }

    /** Whether it is expected to last. */
    public boolean lasts() {
        return score() >= LASTS;
    }

    private static double shareFactor(Share share) {
        return 1.35 - 0.5 * Math.sqrt(share.ofLoop());
    }

    private static double holdFactor(Tie tie) {
        double factor = 1;
        for (ExtraHold hold : tie.holds()) {
            factor *= hold.factor();
        }
        return factor;
    }

    private static double slipFactor(Slip slip) {
        return switch (slip) {
            case GRIPPY -> 1.6;
            case MIDDLING -> 1.1;
            case SLIDING -> 0.7;
        };
    }

    private static double knotFactor(Tie tie, boolean locks) {
        return switch (tie.knot()) {
            case REGULAR -> 1;
            case INVISIBLE -> 0.92 + LEG_HOLDS * (tie.legPart() - Tie.USUAL_LEG);
            // The row lies between its legs, drawn tight: about as good as two passes.
            case DOUBLE_ENTRY -> 1.2;
            case TWIST_FIRST -> locks ? 1.35 : 0.7;
            case BEAD -> 1.5;
        };
    }

    private static String knotWords(Knot knot, boolean locks) {
        return knot == Knot.TWIST_FIRST && !locks ? "twist-first: so big a share does not lock" : knot.words();
    }

    private static double passFactor(Tie tie) {
        return tie.knot().hasPasses() ? 0.7 + 0.3 * Math.pow(Math.min(tie.passes(), Tie.USEFUL_PASSES), 0.85) : 1;
    }

    private static String passWords(Tie tie) {
        if (!tie.knot().hasPasses()) {
            return "no passes";
        }
        String words = tie.passes() == 1 ? "1 pass" : tie.passes() + " passes";
        return tie.passes() > Tie.USEFUL_PASSES
                ? words + ": beyond " + Tie.USEFUL_PASSES + " they add size only"
                : words;
    }

    private static String holdWords(Tie tie) {
        return tie.holds().isEmpty()
                ? "nothing extra"
                : tie.holds().stream().map(ExtraHold::shortWords).collect(Collectors.joining(", "));
    }

    private static double demandFactor(Demand d) {
        double weeks = Math.max(0.75, Math.min(1.1, 1 - 0.03 * (d.weeks() - USUAL_WEEKS)));
        return weeks * (d.sports() ? 0.94 : 1) * (d.swims() ? 0.92 : 1) * (d.isWindy() ? 0.96 : 1);
    }

    private static String demandWords(Demand d) {
        StringBuilder words = new StringBuilder(d.weeks() == 1 ? "1 week" : d.weeks() + " weeks");
        if (d.sports()) {
            words.append(", sport");
        }
        if (d.swims()) {
            words.append(", swimming");
        }
        if (d.isWindy()) {
            words.append(", wind");
        }
        return words.toString();
    }
}
