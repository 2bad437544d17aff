package gyrotaxis.core.laying;

import gyrotaxis.core.row.RowUse;
import java.util.function.DoubleUnaryOperator;

/**
 * The strip of one row in a section, as fractions across for every fraction along.
 *
 * @param left its edge toward the client's left, or toward the front where rows lie level
 * @param middle where the row runs
 * @param right its other edge
 * @param spec what was asked of it
 */
record Lane(DoubleUnaryOperator left, DoubleUnaryOperator middle, DoubleUnaryOperator right, Spec spec) {

    /**
     * What is asked of one lane.
     *
     * @param startWeight its width at the start relative to its neighbours
     * @param endWeight its width at the end likewise
     * @param lean how far the row lies off the middle of its lane, in parts of its width, positive to the right
     * @param shift how far the row is moved across, as a fraction across
     * @param endsAt the fraction along at which it ends, in (0, 1]
     * @param isReversed whether it is braided the other way
     * @param use what it is for
     */
    record Spec(
            double startWeight,
            double endWeight,
            double lean,
            double shift,
            double endsAt,
            boolean isReversed,
            RowUse use) {
        static Spec even() {
            return of(1, 1);
        }

        static Spec of(double startWeight, double endWeight) {
            return new Spec(startWeight, endWeight, 0, 0, 1, false, RowUse.HOOKED);
        }

        Spec scaled(double factor) {
            return new Spec(startWeight * factor, endWeight * factor, lean, shift, endsAt, isReversed, use);
        }

        Spec leaning(double by) {
            return new Spec(startWeight, endWeight, lean + by, shift, endsAt, isReversed, use);
        }

        Spec shifted(double by) {
            return new Spec(startWeight, endWeight, lean, shift + by, endsAt, isReversed, use);
        }

        Spec ending(double at) {
            return new Spec(startWeight, endWeight, lean, shift, Math.min(endsAt, at), isReversed, use);
        }

        Spec reversed() {
            return new Spec(startWeight, endWeight, lean, shift, endsAt, !isReversed, use);
        }

        Spec used(RowUse other) {
            return new Spec(startWeight, endWeight, lean, shift, endsAt, isReversed, other);
        }

        /** Both lanes as one. */
        Spec with(Spec next) {
            return new Spec(
                    startWeight + next.startWeight,
                    endWeight + next.endWeight,
                    0,
                    (shift + next.shift) / 2,
                    Math.max(endsAt, next.endsAt),
                    isReversed,
                    use);
        }

        boolean runsThrough() {
            return endsAt >= 1;
        }
    }
}
