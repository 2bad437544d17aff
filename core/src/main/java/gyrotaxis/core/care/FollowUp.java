package gyrotaxis.core.care;

import gyrotaxis.core.care.FollowUp.Outcome;
import java.util.List;

/** What is looked after once an install is worn, and what can be told of it in one word. */
public enum FollowUp {
    NEXT_DAY_FILL("fill after the first night", List.of(Outcome.DONE, Outcome.NOT_NEEDED)),
    SLIP_CHECK("slip check", List.of(Outcome.HELD, Outcome.FEW_SLID, Outcome.MANY_SLID)),
    LOOK("how it looks after a week", List.of(Outcome.FLATTER, Outcome.AS_ON_THE_DAY, Outcome.FULLER)),
    OIL("scalp oiled, how it feels", List.of(Outcome.WELL, Outcome.ITCHED, Outcome.SORE)),
    FRIZZ_TRIM("first trim of frizz", List.of(Outcome.DONE, Outcome.NOT_NEEDED)),
    REFRESH("hairline grown out: touch up or take down", List.of(Outcome.DONE, Outcome.NOT_NEEDED)),
    TAKEDOWN("takedown", List.of(Outcome.DONE)),
    REST("rested: plan the next", List.of(Outcome.DONE, Outcome.NOT_NEEDED));

    /** What can be told of one. */
    public enum Outcome {
        DONE("done"),
        NOT_NEEDED("not needed"),
        HELD("all held"),
        FEW_SLID("a few slid"),
        MANY_SLID("many slid"),
        FLATTER("flatter"),
        AS_ON_THE_DAY("as on the day"),
        FULLER("fuller"),
        WELL("feels well"),
        ITCHED("itches"),
        SORE("is sore"),
        /** Nobody asked, or nobody came. */
        MISSED("did not happen");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        /** Whether something went wrong that the next plan should mind. */
        public boolean isTrouble() {
            return switch (this) {
                case FEW_SLID, MANY_SLID, FLATTER, ITCHED, SORE -> true;
                case DONE, NOT_NEEDED, HELD, AS_ON_THE_DAY, FULLER, WELL, MISSED -> false;
            };
        }

        /** What a stylist says. */
        public String words() {
            return words;
        }
    }

    private final String words;
    private final List<Outcome> outcomes;

    FollowUp(String words, List<Outcome> outcomes) {
        this.words = words;
        this.outcomes = outcomes;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What can be told of it; that it did not happen can be told of any. */
    public List<Outcome> outcomes() {
        return outcomes;
    }
}
