package gyrotaxis.core.practice;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import java.util.List;
import java.util.Optional;

/** In which form a drill is answered. */
public sealed interface Ask {
    /**
     * By aiming from a place.
     *
     * @param at on the map, mm
     * @param row the row it lies on
     */
    record Aim(Vec2 at, RowId row) implements Ask {}

    /**
     * By choosing.
     *
     * @param isOne whether exactly one is right, and said to be
     */
    record Pick(List<Choice> choices, boolean isOne) implements Ask {
        public Pick {
            choices = Require.notEmpty(List.copyOf(choices), "choices");
        }
    }

    /** By choosing some, one after the other. */
    record Turns(List<Choice> choices) implements Ask {
        public Turns {
            choices = Require.notEmpty(List.copyOf(choices), "choices");
        }
    }

    /** By putting in order. */
    record Order(List<Choice> choices) implements Ask {
        public Order {
            choices = Require.notEmpty(List.copyOf(choices), "choices");
        }
    }

    /**
     * By a number.
     *
     * @param range in which it makes sense
     * @param step by which it is changed
     * @param unit what is counted: "packs", "minutes"
     */
    record Number(Interval range, double step, String unit) implements Ask {}

    /**
     * By a number for each of several things.
     *
     * @param of what each is about, and within which limits
     * @param unit what all are counted in: "mm"
     */
    record Numbers(List<Gauge> of, String unit) implements Ask {
        public Numbers {
            of = Require.notEmpty(List.copyOf(of), "of");
        }
    }

    /**
     * Something that a number is said of.
     *
     * @param words what it is called
     * @param range in which the number makes sense
     * @param step by which it is changed
     */
    record Gauge(String words, Interval range, double step) {}

    /**
     * Something that can be chosen.
     *
     * @param id unique in its drill
     * @param words what it is called; on the map it need not be shown
     * @param row the row it is, or lies on
     * @param at where it lies on the map, mm
     * @param seen what it looks like, where that is what tells it
     */
    record Choice(String id, String words, Optional<RowId> row, Optional<Vec2> at, Optional<Thread> seen) {
        /** One that is told by its words or its place. */
        public Choice(String id, String words, Optional<RowId> row, Optional<Vec2> at) {
            this(id, words, row, at, Optional.empty());
        }

        /** Only words. */
        public static Choice of(String id, String words) {
            return new Choice(id, words, Optional.empty(), Optional.empty());
        }

        /** A row. */
        public static Choice of(RowId row, Vec2 at) {
            return new Choice(row.toString(), row.words(), Optional.of(row), Optional.of(at));
        }
    }

    /** What hangs from the rows of a head that is to be taken down, by its look. */
    enum Thread {
        LEGS_FROM_A_KNOT("two legs from one knot on the row"),
        LEGS_AT_EACH_SIDE("no knot, a leg at each side of the row"),
        END_OUT_OF_A_ROW("a thickening in the row, one end that comes out of it"),
        END_BESIDE_A_ROW("one end that comes out beside the row, with no knot"),
        END_UNDER_THREAD("one end under thread of another colour"),
        END_UNDER_A_PIN("one end laid flat under a pin"),
        ENDS_IN_A_BAND("ends held by a band"),
        LOOSE_END("one loose end at the end of the row");

        private final String words;

        Thread(String words) {
            this.words = words;
        }

        /** What is seen. */
        public String words() {
            return words;
        }
    }
}
