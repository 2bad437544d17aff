package gyrotaxis.core.plan;

/**
 * One line of what a stylist does or says round the rows and the hooking, at its moment.
 *
 * @param moment when
 * @param words what is done or said, in one or two sentences
 */
public record Note(Moment moment, String words) {
    /** What is said of splitting. */
    static final String SPLITTING = "Split every share and hang them by size; none is split in the chair.";

    /** Whether it is about splitting shares, which takes counted time. */
    boolean isSplitting() {
        return words.equals(SPLITTING);
    }

    /** When it is its turn, in the order of the trade. */
    public enum Moment {
        BEFORE("before the chair"),
        CHAIR("in the chair"),
        TRYING("trying and filling"),
        FINISHING("finishing"),
        HOME("what she takes home"),
        TAKEDOWN("takedown");

        private final String words;

        Moment(String words) {
            this.words = words;
        }

        /** What a stylist calls it. */
        public String words() {
            return words;
        }
    }
}
