package gyrotaxis.core.install;

import gyrotaxis.core.row.RowId;
import java.util.List;
import java.util.Optional;

/**
 * One thing to do while hooking.
 *
 * @param number from 1
 * @param stage which part of the head it belongs to
 * @param row the row that is hooked
 * @param twin the row on the other side that is hooked with it, share by share in turn; empty if it is hooked alone
 * @param stations what is hooked, in turn; not empty
 * @param isMarked whether the row was kept for a part and marked until now
 * @param words what is done, in one sentence
 */
public record WorkStep(
        int number,
        Stage stage,
        RowId row,
        Optional<RowId> twin,
        List<StationId> stations,
        boolean isMarked,
        String words) {

    /** Parts of the head that are worked as one. */
    public enum Stage {
        CAP("cap, before the chair"),
        PERIMETER("perimeter"),
        BACK("back, nape upward"),
        SIDES("sides"),
        TOP("top"),
        FRONT("front"),
        PARTS("parts"),
        MIDDLE("what is left between");

        private final String words;

        Stage(String words) {
            this.words = words;
        }

        /** What a stylist calls it. */
        public String words() {
            return words;
        }
    }

    public WorkStep {
        stations = List.copyOf(stations);
    }

    /** The one row or both. */
    public List<RowId> rows() {
        return twin.isPresent() ? List.of(row, twin.get()) : List.of(row);
    }
}
