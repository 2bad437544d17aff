package gyrotaxis.core.practice;

import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;
import java.util.Optional;

/**
 * One question about a made-up head.
 *
 * @param kind what it trains
 * @param level how hard it is, in {@link #LEVELS}
 * @param seed what it was made from; the same kind, level and seed make the same drill
 * @param head the head it is about; empty where it is about words alone
 * @param shows what of that head is drawn
 * @param question what is asked
 * @param ask how it is answered
 * @param key what is right
 */
public record Drill(
        DrillKind kind,
        int level,
        long seed,
        Optional<InstallPlan> head,
        Shows shows,
        Sentence question,
        Ask ask,
        Key key) {
    /** What is drawn of a head. */
    public enum Shows {
        ROWS,
        /** Rows and the ends of them. */
        TAILS,
        /** Rows and what is hooked to them. */
        SHARES,
        /** How well it is covered, worn down. */
        COVER
    }

    public static final Interval LEVELS = new Interval(1, 5);

    public Drill {
        Require.inRange(level, LEVELS.min(), LEVELS.max(), "level", "");
    }
}
