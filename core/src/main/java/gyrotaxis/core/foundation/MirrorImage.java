package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Vec2;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Replaces the left half of a foundation that is alike on both sides by the mirror image of the right, to the last bit. */
final class MirrorImage {
    /** Twins are found by where they run, within this, mm. */
    static final double TWIN_MM = 0.5;

    private MirrorImage() {}

    static void imposeOn(Draft draft) {
        Map<RowId, RowId> twins = new HashMap<>();
        for (Row row : draft.rows) {
            twinOf(row, draft.rows).ifPresent(twin -> twins.put(row.id(), twin.id()));
        }
        Map<RowId, Row> models = new HashMap<>();
        draft.rows.forEach(r -> models.put(r.id(), r));
        draft.rows.replaceAll(row -> {
            RowId twin = twins.get(row.id());
            Row model = twin == null ? null : models.get(twin);
            return model != null && row.id().compareTo(model.id()) < 0 ? mirrored(row, model, twins) : row;
        });
    }

    /** The row that lies on the other side as this one does: itself on the midline, empty if rows here have no twins. */
    static Optional<Row> twinOf(Row row, List<Row> rows) {
        if (!row.id().section().isLateral()) {
            return Optional.empty();
        }
        return rows.stream()
                .filter(r -> r.id().section() == row.id().section())
                .filter(r -> mirrors(r.path().chart(), row.path().chart()))
                .findFirst();
    }

    /** By both ends and the middle: halves of a perimeter braid have both ends in common. */
    private static boolean mirrors(List<Vec2> a, List<Vec2> b) {
        return a.size() == b.size()
                && Stream.of(0, a.size() / 2, a.size() - 1)
                        .allMatch(i -> a.get(i).distance(b.get(i).mirrored()) < TWIN_MM);
    }

    private static Row mirrored(Row row, Row model, Map<RowId, RowId> twins) {
        // A place on a row that runs across, from the client's left to her right, counts from its other end.
        Optional<Row.Lead> lead = model.lead().map(l -> {
            RowId into = twins.getOrDefault(l.into(), l.into());
            boolean runsAcross = into.equals(l.into()) && !into.section().isLateral();
            return new Row.Lead(into, runsAcross ? 1 - l.at() : l.at(), l.isLaid());
        });
        boolean keepsOwn = row.lead().isPresent() && row.id().section() != Section.FRONT;
        return new Row(
                row.id(),
                model.path().mirrored(),
                model.strips().stream()
                        .map(s -> s.stream().map(Vec2::mirrored).toList())
                        .toList(),
                model.braidWidthMm(),
                model.joins().map(j -> twins.getOrDefault(j, j)),
                keepsOwn || lead.isEmpty() ? row.lead() : lead,
                model.use());
    }
}
