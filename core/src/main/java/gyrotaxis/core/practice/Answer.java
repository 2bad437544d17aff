package gyrotaxis.core.practice;

import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/** What a learner answered. */
public sealed interface Answer {
    /**
     * A direction on the map.
     *
     * @param towardRad from straight to the face round by her right, rad
     */
    record Aimed(double towardRad) implements Answer {
        public Aimed {
            Require.inRange(towardRad, -Math.PI, Math.PI, "towardRad", "rad");
        }
    }

    /**
     * Some of the choices.
     *
     * @param ids of those that were chosen; may be empty
     */
    record Picked(SortedSet<String> ids) implements Answer {
        public Picked {
            ids = Collections.unmodifiableSortedSet(new TreeSet<>(ids));
        }

        /** One choice. */
        public static Picked of(String id) {
            return new Picked(new TreeSet<>(List.of(id)));
        }
    }

    /**
     * Choices in an order.
     *
     * @param ids of all of them, or of those that were chosen; the first first
     */
    record Ordered(List<String> ids) implements Answer {
        public Ordered {
            ids = List.copyOf(ids);
        }
    }

    /** A number. */
    record Said(double number) implements Answer {
        public Said {
            Require.inRange(number, 0, MAX, "number", "");
        }

        private static final double MAX = 100_000;
    }

    /**
     * A number for each thing that was asked about, in their order.
     *
     * @param numbers at least one
     */
    record SaidOfEach(List<Double> numbers) implements Answer {
        public SaidOfEach {
            numbers = Require.notEmpty(List.copyOf(numbers), "numbers");
            numbers.forEach(n -> Require.inRange(n, 0, Said.MAX, "numbers", ""));
        }
    }
}
