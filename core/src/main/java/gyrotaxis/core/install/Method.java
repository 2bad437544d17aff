package gyrotaxis.core.install;

import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;

/**
 * How one stylist works wherever practitioners differ.
 *
 * @param name what she calls it
 * @param spacing whether the back is hooked more widely than the front
 * @param back how closely the back is hooked
 * @param partKnot the knot beside parts
 * @param hairlineKnot the knot at the hairline
 * @param rowStart how a row begins at the hairline
 * @param bearing what the hook goes by first
 * @param order in which order the head is worked
 * @param terms what is kept back, charged and how fast she is
 */
public record Method(
        String name,
        Spacing spacing,
        BackSpacing back,
        PartKnot partKnot,
        HairlineKnot hairlineKnot,
        RowStart rowStart,
        BearingFirst bearing,
        Order order,
        Terms terms) {
    private static final int LONGEST_NAME = 80;

    /** Whether spacing grows toward the nape. */
    public enum Spacing implements School {
        GRADED("graded", "hair from above covers what is below, so the back needs less"),
        EVEN("even", "the same throughout is easy to keep; it is thinned afterwards");

        private final String words;
        private final Sentence reason;

        Spacing(String words, String reason) {
            this.words = words;
            this.reason = Sentence.of(reason);
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public Sentence reason() {
            return reason;
        }
    }

    /** How the back and nape are hooked. */
    public enum BackSpacing implements School {
        USUAL("usual", Sentence.of(Quantity.mm(20), " to ", Quantity.mm(30), ": covered, and not hot")),
        FINE("fine", Sentence.of(Quantity.mm(12), " to ", Quantity.mm(18), ": lies flat and moves as one")),
        BIG_SHARES(
                "wide, big shares",
                Sentence.of(Quantity.mm(40), " to ", Quantity.mm(70), ": quick, for very full hair"));

        private final String words;
        private final Sentence reason;

        BackSpacing(String words, Sentence reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public Sentence reason() {
            return reason;
        }
    }

    /** The knot beside parts. */
    public enum PartKnot implements School {
        INVISIBLE("invisible", "quick, and the laid leg hides it"),
        DOUBLE_ENTRY("double-entry", "no knot at all, but slow and the row itself stays bare");

        private final String words;
        private final Sentence reason;

        PartKnot(String words, String reason) {
            this.words = words;
            this.reason = Sentence.of(reason);
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public Sentence reason() {
            return reason;
        }
    }

    /** The knot of the first share behind the hairline. */
    public enum HairlineKnot implements School {
        SINGLE_LEG("single leg", "the laid leg hides the knot from the front"),
        TINY_TWICE("tiny shares, twice through", "both legs hold in wind, and so small a knot hardly shows");

        private final String words;
        private final Sentence reason;

        HairlineKnot(String words, String reason) {
            this.words = words;
            this.reason = Sentence.of(reason);
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public Sentence reason() {
            return reason;
        }
    }

    /** How a row begins at the hairline. */
    public enum RowStart implements School {
        SINGLE("one small share", "lies flat at the edge"),
        FULL("two half shares, drawn back", "a full start hides the front of the row");

        private final String words;
        private final Sentence reason;

        RowStart(String words, String reason) {
            this.words = words;
            this.reason = Sentence.of(reason);
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public Sentence reason() {
            return reason;
        }
    }

    /** What the hook goes by first. */
    public enum BearingFirst implements School {
        WHAT_SHOWS("what will show", "a knot at a worn part or a bare edge is seen before anything else"),
        FALL("how it falls", "a loop hooked against its fall stands up");

        private final String words;
        private final Sentence reason;

        BearingFirst(String words, String reason) {
            this.words = words;
            this.reason = Sentence.of(reason);
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public Sentence reason() {
            return reason;
        }
    }

    /** In which order the head is worked. */
    public enum Order implements School {
        PERIMETER_FIRST("perimeter first", "what is finest is done while there is still room for the hands"),
        NAPE_TO_MIDDLE("nape up, then front", "both ends are settled, and what is left goes between"),
        FRONT_FIRST("front and parts first", "what shows is settled while hair and hands are fresh");

        private final String words;
        private final Sentence reason;

        Order(String words, String reason) {
            this.words = words;
            this.reason = Sentence.of(reason);
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public Sentence reason() {
            return reason;
        }
    }

    public Method {
        name = Require.text(name, LONGEST_NAME, "name");
    }

    /** The same under another name. */
    public Method named(String other) {
        return new Method(other, spacing, back, partKnot, hairlineKnot, rowStart, bearing, order, terms);
    }

    /** The same on other terms. */
    public Method on(Terms other) {
        return new Method(name, spacing, back, partKnot, hairlineKnot, rowStart, bearing, order, other);
    }

    /** What most do. */
    public static Method usual() {
        return new Method(
                "Usual",
                Spacing.GRADED,
                BackSpacing.USUAL,
                PartKnot.INVISIBLE,
                HairlineKnot.SINGLE_LEG,
                RowStart.SINGLE,
                BearingFirst.WHAT_SHOWS,
                Order.PERIMETER_FIRST,
                Terms.USUAL);
    }

    /** The same with another knot beside parts. */
    public Method with(PartKnot other) {
        return new Method(name, spacing, back, other, hairlineKnot, rowStart, bearing, order, terms);
    }

    /** The same with another spacing. */
    public Method with(Spacing other) {
        return new Method(name, other, back, partKnot, hairlineKnot, rowStart, bearing, order, terms);
    }

    /** The same with the back hooked otherwise. */
    public Method with(BackSpacing other) {
        return new Method(name, spacing, other, partKnot, hairlineKnot, rowStart, bearing, order, terms);
    }

    /** The same going by something else first. */
    public Method with(BearingFirst other) {
        return new Method(name, spacing, back, partKnot, hairlineKnot, rowStart, other, order, terms);
    }

    /** The same in another order. */
    public Method with(Order other) {
        return new Method(name, spacing, back, partKnot, hairlineKnot, rowStart, bearing, other, terms);
    }

    /** The same with rows begun otherwise. */
    public Method with(RowStart other) {
        return new Method(name, spacing, back, partKnot, hairlineKnot, other, bearing, order, terms);
    }
}
