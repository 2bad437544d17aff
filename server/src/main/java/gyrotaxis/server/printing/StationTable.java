package gyrotaxis.server.printing;

import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.row.RowId;
import gyrotaxis.server.tables.Table;
import gyrotaxis.server.tables.Tables;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Every share of a plan as a table, in the order in which they are hooked. */
final class StationTable {
    static final List<String> COLUMNS = List.of(
            "share",
            "row",
            "mm from its start",
            "map x mm",
            "map y mm",
            "zone",
            "side",
            "of a loop",
            "knot",
            "passes",
            "holds",
            "hair",
            "colour",
            "hook");

    private StationTable() {}

    static byte[] of(InstallPlan plan) {
        WorkSheet sheet = WorkSheetWriter.of(plan);
        Map<RowId, WorkSheet.SheetRow> rows =
                sheet.rows().stream().collect(Collectors.toMap(WorkSheet.SheetRow::id, Function.identity()));
        return Tables.write(new Table(
                COLUMNS,
                sheet.shares().stream()
                        .map(s -> row(
                                s,
                                Objects.requireNonNull(rows.get(s.row())),
                                sheet.supplies().get(s.supply())))
                        .toList()));
    }

    private static List<String> row(SheetShare s, WorkSheet.SheetRow row, WorkSheet.Supply hair) {
        return List.of(
                String.valueOf(s.ref().number()),
                row.words(),
                tenths(s.at() * row.lengthMm()),
                tenths(s.chart().x()),
                tenths(s.chart().y()),
                s.zone().words(),
                s.side().name().toLowerCase(Locale.ROOT),
                String.format(Locale.ROOT, "%.3f", s.share().ofLoop()),
                s.tie().knot().words(),
                s.tie().knot().hasPasses() ? String.valueOf(s.tie().passes()) : "",
                s.tie().holds().stream().map(h -> h.shortWords()).sorted().collect(Collectors.joining(", ")),
                hair.line().name(),
                hair.colour(),
                s.hookWords());
    }

    private static String tenths(double mm) {
        return String.format(Locale.ROOT, "%.1f", mm);
    }
}
