package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Rows and crossings while a foundation is being laid. */
final class Draft {
    final List<Row> rows = new ArrayList<>();
    final List<Crossing> crossings = new ArrayList<>();

    Optional<Row> find(RowId id) {
        return rows.stream().filter(r -> r.id().equals(id)).findFirst();
    }

    Row get(RowId id) {
        return find(id).orElseThrow(() -> new IllegalStateException(id + " has not been laid"));
    }

    List<Row> of(Section section) {
        return rows.stream()
                .filter(r -> r.id().section() == section)
                .sorted(Comparator.comparing(Row::id))
                .toList();
    }

    void replace(Row row) {
        rows.replaceAll(r -> r.id().equals(row.id()) ? row : r);
    }
}
