package gyrotaxis.server.tables;

import java.util.List;

/**
 * Rows of text under names.
 *
 * @param columns their names, each once, in order
 * @param rows each with a cell for every column
 */
public record Table(List<String> columns, List<List<String>> rows) {
    public Table {
        columns = List.copyOf(columns);
        rows = rows.stream().map(List::copyOf).toList();
        for (List<String> row : rows) {
            if (row.size() != columns.size()) {
                throw new IllegalArgumentException("a row has " + row.size() + " cells for " + columns.size());
            }
        }
    }
}
