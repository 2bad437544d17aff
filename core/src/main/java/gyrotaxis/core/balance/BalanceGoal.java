package gyrotaxis.core.balance;

import gyrotaxis.core.install.Zone;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

/** What a head is to be balanced for. */
public sealed interface BalanceGoal {

    /**
     * The fewest loops with which no zone shows more than so much, and that is as full as wished.
     *
     * @param greatestExposed of every zone, in {@link #EXPOSED}
     */
    record Fewest(double greatestExposed) implements BalanceGoal {
        public static final Interval EXPOSED = new Interval(0.005, 0.6);
        public static final double USUAL = 0.06;

        public Fewest {
            Require.inRange(greatestExposed, EXPOSED.min(), EXPOSED.max(), "greatestExposed", "");
        }
    }

    /**
     * The best cover that so many loops allow, fills included.
     *
     * @param loops in hand, at least 1
     */
    record BestFor(int loops) implements BalanceGoal {
        public BestFor {
            Require.atLeast(1, loops, "loops", "loops");
        }
    }

    /** One zone fuller or lighter. */
    record OneZone(Zone zone, boolean fuller) implements BalanceGoal {}

    /**
     * The hair beside one part fuller or lighter.
     *
     * @param part from 0 and from the client's left
     */
    record OnePart(int part, boolean fuller) implements BalanceGoal {
        public OnePart {
            Require.atLeast(0, part, "part", "");
        }
    }
}
