package gyrotaxis.core.install;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

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
 * @param reservePercent loops kept back for fills, in per cent of those placed, in {@link #RESERVE_PERCENT}
 * @param hourMinor what an hour in her chair costs, in the smallest unit of the hair's currency, in {@link #HOUR_MINOR}
 * @param marginPercent added to materials in a quote, in {@link #MARGIN_PERCENT}
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
        int reservePercent,
        long hourMinor,
        int marginPercent) {
    public static final Interval RESERVE_PERCENT = new Interval(0, 30);
    public static final Interval HOUR_MINOR = new Interval(0, 10_000_000);
    public static final Interval MARGIN_PERCENT = new Interval(0, 200);
    private static final int LONGEST_NAME = 80;
    private static final int USUAL_RESERVE = 10;
    private static final long USUAL_HOUR = 3500;
    private static final int USUAL_MARGIN = 20;

    /** Whether spacing grows toward the nape. */
    public enum Spacing implements School {
        GRADED("graded", "hair from above covers what is below, so the back needs less"),
        EVEN("even", "the same throughout is easy to keep; it is thinned afterwards");

        private final String words;
        private final String reason;

        Spacing(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public String reason() {
            return reason;
        }
    }

    /** How the back and nape are hooked. */
    public enum BackSpacing implements School {
        USUAL("usual", "2 to 3 cm: covered, and not hot"),
        FINE("fine", "1.2 to 1.8 cm: lies flat and moves as one"),
        BIG_SHARES("wide, big shares", "4 to 7 cm: quick, for very full hair");

        private final String words;
        private final String reason;

        BackSpacing(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public String reason() {
            return reason;
        }
    }

    /** The knot beside parts. */
    public enum PartKnot implements School {
        INVISIBLE("invisible", "quick, and the laid leg hides it"),
        DOUBLE_ENTRY("double-entry", "no knot at all, but slow and the row itself stays bare");

        private final String words;
        private final String reason;

        PartKnot(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public String reason() {
            return reason;
        }
    }

    /** The knot of the first share behind the hairline. */
    public enum HairlineKnot implements School {
        SINGLE_LEG("single leg", "the laid leg hides the knot from the front"),
        TINY_TWICE("tiny shares, twice through", "both legs hold in wind, and so small a knot hardly shows");

        private final String words;
        private final String reason;

        HairlineKnot(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public String reason() {
            return reason;
        }
    }

    /** How a row begins at the hairline. */
    public enum RowStart implements School {
        SINGLE("one small share", "lies flat at the edge"),
        FULL("two half shares, drawn back", "a full start hides the front of the row");

        private final String words;
        private final String reason;

        RowStart(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public String reason() {
            return reason;
        }
    }

    /** What the hook goes by first. */
    public enum BearingFirst implements School {
        WHAT_SHOWS("what will show", "a knot at a worn part or a bare edge is seen before anything else"),
        FALL("how it falls", "a loop hooked against its fall stands up");

        private final String words;
        private final String reason;

        BearingFirst(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public String reason() {
            return reason;
        }
    }

    /** In which order the head is worked. */
    public enum Order implements School {
        PERIMETER_FIRST("perimeter first", "what is finest is done while there is still room for the hands"),
        NAPE_TO_MIDDLE("nape up, then front", "both ends are settled, and what is left goes between"),
        FRONT_FIRST("front and parts first", "what shows is settled while hair and hands are fresh");

        private final String words;
        private final String reason;

        Order(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public String reason() {
            return reason;
        }
    }

    public Method {
        name = Require.text(name, LONGEST_NAME, "name");
        Require.inRange(
                reservePercent, (int) RESERVE_PERCENT.min(), (int) RESERVE_PERCENT.max(), "reservePercent", "%");
        Require.inRange(hourMinor, HOUR_MINOR.min(), HOUR_MINOR.max(), "hourMinor", "");
        Require.inRange(marginPercent, (int) MARGIN_PERCENT.min(), (int) MARGIN_PERCENT.max(), "marginPercent", "%");
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
                USUAL_RESERVE,
                USUAL_HOUR,
                USUAL_MARGIN);
    }

    /** The same with another knot beside parts. */
    public Method with(PartKnot other) {
        return new Method(
                name,
                spacing,
                back,
                other,
                hairlineKnot,
                rowStart,
                bearing,
                order,
                reservePercent,
                hourMinor,
                marginPercent);
    }

    /** The same with another spacing. */
    public Method with(Spacing other) {
        return new Method(
                name,
                other,
                back,
                partKnot,
                hairlineKnot,
                rowStart,
                bearing,
                order,
                reservePercent,
                hourMinor,
                marginPercent);
    }

    /** The same going by something else first. */
    public Method with(BearingFirst other) {
        return new Method(
                name,
                spacing,
                back,
                partKnot,
                hairlineKnot,
                rowStart,
                other,
                order,
                reservePercent,
                hourMinor,
                marginPercent);
    }

    /** The same in another order. */
    public Method with(Order other) {
        return new Method(
                name,
                spacing,
                back,
                partKnot,
                hairlineKnot,
                rowStart,
                bearing,
                other,
                reservePercent,
                hourMinor,
                marginPercent);
    }

    /** The same with rows begun otherwise. */
    public Method with(RowStart other) {
        return new Method(
                name,
                spacing,
                back,
                partKnot,
                hairlineKnot,
                other,
                bearing,
                order,
                reservePercent,
                hourMinor,
                marginPercent);
    }
}
