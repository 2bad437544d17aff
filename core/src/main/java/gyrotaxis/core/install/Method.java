package gyrotaxis.core.install;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.terms.Terms;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * How one stylist works wherever practitioners differ. What follows from it is said; none of it is ever overruled.
 *
 * @param name what she calls it
 * @param spacing whether the back is hooked more widely than the front
 * @param back how closely the back is hooked
 * @param knots which knot where, and how often it is passed
 * @param shares how large shares are where they are seen, and how rows begin
 * @param bearing what the hook goes by first
 * @param order in which order the head is worked
 * @param looseTails what becomes of tails that no row takes
 * @param terms what is kept back, charged and how fast she is
 */
public record Method(
        String name,
        Spacing spacing,
        BackSpacing back,
        Knots knots,
        Shares shares,
        BearingFirst bearing,
        Order order,
        LooseTails looseTails,
        Terms terms) {
    private static final int MAX_NAME_LENGTH = 80;

    /** Whether spacing grows toward the nape. */
    public enum Spacing implements School {
        GRADED("graded", "hair from above covers what is below, so the back needs less"),
        EVEN("even", "the same throughout is easy to keep; it is thinned afterwards");

        private final Side side;

        Spacing(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /** How the back and nape are hooked. */
    public enum BackSpacing implements School {
        USUAL("usual", Sentence.of(Quantity.mm(20), " to ", Quantity.mm(30), ": covered, and not hot")),
        FINE(
                "fine",
                Sentence.of(
                        "halves, about ", Quantity.mm(10), " to ", Quantity.mm(18), ": lies flat and moves as one")),
        BIG_SHARES(
                "wide, big shares",
                Sentence.of(Quantity.mm(40), " to ", Quantity.mm(70), ": quick, for very full hair"));

        private final Side side;

        BackSpacing(String words, Sentence reason) {
            this.side = new Side(words, reason);
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /**
     * Which knot where.
     *
     * @param part beside parts
     * @param hairline of the first share behind the hairline
     * @param hidden wherever later hair covers it
     * @param updo of a perimeter that goes up
     * @param passes how often a leg goes through, by texture, in [1, {@link Tie#MAX_PASSES}]; what is not named is passed as
     *     often as the hold needs
     */
    public record Knots(
            PartKnot part, HairlineKnot hairline, HiddenKnot hidden, UpdoKnot updo, Map<Texture, Integer> passes) {
        /** What most tie, passed as often as the hold needs. */
        public static final Knots USUAL = new Knots(
                PartKnot.INVISIBLE, HairlineKnot.SINGLE_LEG, HiddenKnot.REGULAR, UpdoKnot.DOUBLE_ENTRY, Map.of());

        public Knots {
            passes.forEach((texture, n) -> Require.inRange(n, 1, Tie.MAX_PASSES, "passes of " + texture.words(), ""));
            EnumMap<Texture, Integer> sorted = new EnumMap<>(Texture.class);
            sorted.putAll(passes);
            passes = Collections.unmodifiableMap(sorted);
        }

        /** How often she passes a texture; empty if as the hold needs. */
        public OptionalInt passesOf(Texture texture) {
            Integer own = passes.get(texture);
            return own == null ? OptionalInt.empty() : OptionalInt.of(own);
        }

        /** The same with another knot beside parts. */
        public Knots with(PartKnot other) {
            return new Knots(other, hairline, hidden, updo, passes);
        }

        /** The same with another knot at the hairline. */
        public Knots with(HairlineKnot other) {
            return new Knots(part, other, hidden, updo, passes);
        }

        /** The same with another knot where it is hidden. */
        public Knots with(HiddenKnot other) {
            return new Knots(part, hairline, other, updo, passes);
        }

        /** The same with another knot at a perimeter that goes up. */
        public Knots with(UpdoKnot other) {
            return new Knots(part, hairline, hidden, other, passes);
        }

        /** The same with a texture passed so often. */
        public Knots passing(Texture texture, int times) {
            EnumMap<Texture, Integer> all = new EnumMap<>(Texture.class);
            all.putAll(passes);
            all.put(texture, times);
            return new Knots(part, hairline, hidden, updo, all);
        }
    }

    /**
     * How large shares are where they are seen.
     *
     * @param rowStart how a row begins at the hairline
     * @param underSingle what goes under a single
     * @param atParts what a share beside a part is; empty if a quarter or smaller, as usual
     * @param atHairline what the first share behind the hairline is; empty if a quarter or smaller
     */
    public record Shares(
            RowStart rowStart, UnderSingle underSingle, Optional<Share> atParts, Optional<Share> atHairline) {
        /** What most take. */
        public static final Shares USUAL =
                new Shares(RowStart.SINGLE, UnderSingle.HALF, Optional.empty(), Optional.empty());

        /** The same with rows begun otherwise. */
        public Shares with(RowStart other) {
            return new Shares(other, underSingle, atParts, atHairline);
        }

        /** The same with something else under a single. */
        public Shares with(UnderSingle other) {
            return new Shares(rowStart, other, atParts, atHairline);
        }

        /** The same with so large a share beside parts. */
        public Shares takingAtParts(Share share) {
            return new Shares(rowStart, underSingle, Optional.of(share), atHairline);
        }

        /** The same with so large a share at the hairline. */
        public Shares takingAtHairline(Share share) {
            return new Shares(rowStart, underSingle, atParts, Optional.of(share));
        }
    }

    /** The knot beside parts. */
    public enum PartKnot implements School {
        INVISIBLE("invisible", "quick, and the laid leg hides it"),
        DOUBLE_ENTRY("double-entry", "no knot at all, but slow and the row itself stays bare");

        private final Side side;

        PartKnot(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /** The knot of the first share behind the hairline. */
    public enum HairlineKnot implements School {
        SINGLE_LEG("single leg", "the laid leg hides the knot from the front"),
        TINY_TWICE("tiny shares, twice through", "both legs hold in wind, and so small a knot hardly shows");

        private final Side side;

        HairlineKnot(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /** The knot wherever later hair covers it. */
    public enum HiddenKnot implements School {
        REGULAR("regular", "fastest, and both legs hold"),
        SINGLE_LEG("single leg throughout", "one motion for the whole head, and nothing shows wherever it opens");

        private final Side side;

        HiddenKnot(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /** The knot of a perimeter that goes up. */
    public enum UpdoKnot implements School {
        DOUBLE_ENTRY(
                "double-entry", "no knot at an edge that is seen from all round; slow, and best in fibre with grip"),
        SINGLE_LEG("single leg", "quicker, holds by its passes, and the laid leg hides it");

        private final Side side;

        UpdoKnot(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /** What goes under a single. */
    public enum UnderSingle implements School {
        HALF("half a piece", "a small base carries little"),
        WHOLE("a whole piece", "the edge is as full as the rest, on bases that are large enough");

        private final Side side;

        UnderSingle(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /** What becomes of tails that no row takes. */
    public enum LooseTails implements School {
        BY_HAND("decided one by one", "each is asked about, so that none is forgotten"),
        STITCH("stitched down", "thread of another colour tells own hair from fibre at takedown"),
        PIN("pinned flat", "quick, and lies flat under a cap or for a short wear");

        private final Side side;

        LooseTails(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }

        /** How such a tail ends; empty where each is decided on its own. */
        public Optional<TailEnd> end() {
            return switch (this) {
                case BY_HAND -> Optional.empty();
                case STITCH -> Optional.of(TailEnd.STITCHED);
                case PIN -> Optional.of(TailEnd.PINNED);
            };
        }
    }

    /** How a row begins at the hairline. */
    public enum RowStart implements School {
        SINGLE("one small share", "lies flat at the edge"),
        FULL("two half shares, drawn back", "a full start hides the front of the row");

        private final Side side;

        RowStart(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /** What the hook goes by first. */
    public enum BearingFirst implements School {
        WHAT_SHOWS("what will show", "a knot at a worn part or a bare edge is seen before anything else"),
        FALL("how it falls", "a loop hooked against its fall stands up");

        private final Side side;

        BearingFirst(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    /** In which order the head is worked. */
    public enum Order implements School {
        PERIMETER_FIRST("perimeter first", "what is finest is done while there is still room for the hands"),
        NAPE_TO_MIDDLE("nape up, then front", "both ends are settled, and what is left goes between"),
        FRONT_FIRST("front and parts first", "what shows is settled while hair and hands are fresh"),
        HALF_THE_BACK(
                "half the back, the front, then back to it",
                "hair from above covers much of it, so what is left is judged by eye");

        private final Side side;

        Order(String words, String reason) {
            this.side = new Side(words, Sentence.of(reason));
        }

        @Override
        public Side side() {
            return side;
        }
    }

    public Method {
        name = Require.text(name, MAX_NAME_LENGTH, "name");
    }

    /** What most do. */
    public static Method usual() {
        return new Method(
                "Usual",
                Spacing.GRADED,
                BackSpacing.USUAL,
                Knots.USUAL,
                Shares.USUAL,
                BearingFirst.WHAT_SHOWS,
                Order.PERIMETER_FIRST,
                LooseTails.BY_HAND,
                Terms.USUAL);
    }

    /** The same under another name. */
    public Method named(String other) {
        return new Method(other, spacing, back, knots, shares, bearing, order, looseTails, terms);
    }

    /** The same on other terms. */
    public Method on(Terms other) {
        return new Method(name, spacing, back, knots, shares, bearing, order, looseTails, other);
    }

    /** The same with other knots. */
    public Method with(Knots other) {
        return new Method(name, spacing, back, other, shares, bearing, order, looseTails, terms);
    }

    /** The same with other shares. */
    public Method with(Shares other) {
        return new Method(name, spacing, back, knots, other, bearing, order, looseTails, terms);
    }

    /** The same with another knot beside parts. */
    public Method with(PartKnot other) {
        return with(knots.with(other));
    }

    /** The same with rows begun otherwise. */
    public Method with(RowStart other) {
        return with(shares.with(other));
    }

    /** The same with another spacing. */
    public Method with(Spacing other) {
        return new Method(name, other, back, knots, shares, bearing, order, looseTails, terms);
    }

    /** The same with the back hooked otherwise. */
    public Method with(BackSpacing other) {
        return new Method(name, spacing, other, knots, shares, bearing, order, looseTails, terms);
    }

    /** The same going by something else first. */
    public Method with(BearingFirst other) {
        return new Method(name, spacing, back, knots, shares, other, order, looseTails, terms);
    }

    /** The same in another order. */
    public Method with(Order other) {
        return new Method(name, spacing, back, knots, shares, bearing, other, looseTails, terms);
    }

    /** The same with loose tails ended otherwise. */
    public Method with(LooseTails other) {
        return new Method(name, spacing, back, knots, shares, bearing, order, other, terms);
    }
}
