package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Replaces the left half of a foundation that is alike on both sides by the mirror image of the right, to the last bit. */
final class MirrorImage {
    private MirrorImage() {}

    static void imposeOn(Draft draft) {
        Map<RowId, RowId> twins = new HashMap<>();
        for (Row row : draft.rows) {
            Foundation.twinOf(row, draft.rows).ifPresent(twin -> twins.put(row.id(), twin.id()));
        }
        Map<RowId, Row> models = new HashMap<>();
        draft.rows.forEach(r -> models.put(r.id(), r));
        draft.rows.replaceAll(row -> {
            RowId twin = twins.get(row.id());
            Row model = twin == null ? null : models.get(twin);
            return model != null && row.id().compareTo(model.id()) < 0 ? mirrored(row, model, twins) : row;
        });
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
