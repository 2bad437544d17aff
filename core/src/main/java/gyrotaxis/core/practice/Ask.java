package gyrotaxis.core.practice;

import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
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
     * Something that can be chosen.
     *
     * @param id unique in its drill
     * @param words what it is called; on the map it need not be shown
     * @param row the row it is, or lies on
     * @param at where it lies on the map, mm
     */
    record Choice(String id, String words, Optional<RowId> row, Optional<Vec2> at) {
        /** Only words. */
        static Choice of(String id, String words) {
            return new Choice(id, words, Optional.empty(), Optional.empty());
        }

        /** A row. */
        static Choice of(RowId row, Vec2 at) {
            return new Choice(row.toString(), row.words(), Optional.of(row), Optional.of(at));
        }
    }
}
