package gyrotaxis.core.care;

import java.util.List;

/**
 * Something that comes up at the chair and could do harm: what is usually done about it, and what is never done.
 *
 * @see "usual practice of the trade; where it stays unclear a doctor or a licensed professional decides, and local rules go first"
 */
public enum Situation {
    PAIN(
            "A row hurts while it is braided, and the skin beside it turns white.",
            List.of("take that row out and braid it looser", "ask after every row from here on"),
            List.of(
                    "go on: it eases after a day",
                    "oil it and go on",
                    "give her something against the pain and go on",
                    "braid the other side as firm, so that both match"),
            "Pain, bumps or white skin mean too tight."),
    BUMPS(
            "The day after, she writes of small bumps and white dots along the hairline.",
            List.of("take out what pulls there", "have it looked at by a professional if it stays"),
            List.of(
                    "wait for the next visit",
                    "hook a few more over it",
                    "draw the edge tighter, so that it lies flat",
                    "open the dots and oil them"),
            "Bumps and white dots at the hairline mean too tight: what pulls is loosened or taken out."),
    PAIN_THAT_STAYS(
            "Four days after the install her head still hurts.",
            List.of("take it out", "send her to a doctor or licensed professional"),
            List.of(
                    "tell her that beauty takes a week",
                    "cut a few shares out and see in a week",
                    "wash it hot",
                    "massage it firmly"),
            "Pain that stays is no matter for the chair."),
    RASH(
            "Her neck itches and is red where coated fibre lies on it.",
            List.of(
                    "take the fibre out",
                    "rinse and dry it, and patch-test it, before any is used again",
                    "send her to a professional if it spreads"),
            List.of(
                    "lay more mousse over it",
                    "leave it in: skin gets used to it",
                    "hook the same fibre further up",
                    "scratch with the tail of a comb, not with nails"),
            "Coated fibre can irritate: stop at itch or rash."),
    SORES(
            "At the consultation the skin behind one ear is broken, and wet at its edge.",
            List.of("do not install today", "send her to a doctor or licensed professional"),
            List.of(
                    "leave out that spot and install the rest",
                    "cover it with oil and go on",
                    "clean the hook and go on",
                    "braid over it, so that nothing rubs"),
            "Over broken skin or an infection nothing is installed."),
    HAIR_LOSS(
            "Since last month her hair has come out in round patches.",
            List.of("do not install today", "send her to a doctor or licensed professional"),
            List.of(
                    "hook more densely over the patches",
                    "take light hair and go on",
                    "lay a cap over it and go on",
                    "braid from the patches outward"),
            "With sudden loss of hair nothing is installed until a professional has seen it."),
    THIN_EDGES(
            "Her edges are thin, and she wants to wear it up from tomorrow.",
            List.of("no perimeter braid along them", "set the first shares back, few and light"),
            List.of(
                    "a firm perimeter braid, so that the ponytail holds",
                    "more shares at the edge, so that it looks full",
                    "whole loops at the very front",
                    "draw the ponytail tight, so that nothing slips"),
            "Thin edges carry no perimeter braid and no dense stations."),
    CHILD(
            "She is seven, and her mother asks for very full hair to the hips.",
            List.of("lighter and shorter hair", "shorter sittings, with pauses"),
            List.of(
                    "install as for a grown woman, in one sitting",
                    "braid firmer, since children move",
                    "set the ends in hot water at the nape",
                    "let her sleep through it with the head down"),
            "A child takes lighter hair and shorter sittings, and extra care with water, tools and scissors."),
    HOT_WATER(
            "The ends are to be set on rods in hot water.",
            List.of(
                    "rods on the lower two thirds only",
                    "hold the hair off the skin, with a towel between",
                    "test a strand first, away from her"),
            List.of(
                    "rods up to the knots, so that it sets evenly",
                    "pour it slowly over the head",
                    "test the heat on her neck",
                    "let her hold the jug herself"),
            "Hot water burns: never near the scalp."),
    FRINGE(
            "A fringe is trimmed last, close to her eyes.",
            List.of("hold it well away from the eyes", "small snips downward"),
            List.of(
                    "cut along the brow with her eyes shut",
                    "cut straight across in one go",
                    "let her hold it down while you cut",
                    "comb it wet onto the skin and cut there"),
            "Scissors stay away from the eyes, and what is cut too short cannot be put back."),
    DAMP(
            "Two days after swimming it is still damp under the install, and smells.",
            List.of("dry it fully, row by row", "take it down if the smell stays"),
            List.of(
                    "oil it, so that the smell is bound",
                    "a bonnet over it until it is dry",
                    "spray scent along the rows",
                    "wash it once more and leave it"),
            "Hair kept damp under an install can mildew."),
    LOST_TAIL(
            "At takedown the record tells of six tails; five are found.",
            List.of("do not cut near where it was fed", "follow its row with the fingers until it is found"),
            List.of(
                    "take whatever hangs there for fibre",
                    "cut a little and look",
                    "pull at the row until it comes",
                    "cut the row beside it to get there"),
            "Every tail can be taken for fibre, a threaded one most of all."),
    TOO_LONG(
            "It has been worn for eleven weeks, and she asks for a refill.",
            List.of("advise to take it down", "let her hair rest before the next"),
            List.of(
                    "refill, and four weeks more",
                    "braid new rows over the old ones",
                    "cut the grown roots free",
                    "hook heavier shares, so that it lies down"),
            "Past eight weeks roots tend to mat (an estimate).");

    private final String words;
    private final List<String> done;
    private final List<String> never;
    private final String why;

    Situation(String words, List<String> done, List<String> never, String why) {
        this.words = words;
        this.done = done;
        this.never = never;
        this.why = why;
    }

    /** What is seen or told. */
    public String words() {
        return words;
    }

    /** Everything that is usually done about it. */
    public List<String> done() {
        return done;
    }

    /** What somebody might do, and must not. */
    public List<String> never() {
        return never;
    }

    /** Why, in one sentence. */
    public String why() {
        return why;
    }
}
