package gyrotaxis.server.visits;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.tables.Table;
import gyrotaxis.server.tables.Tables;
import gyrotaxis.server.visits.Views.VisitTile;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Visits as a table, the newest first. */
@Service
class VisitTable {
    static final List<String> COLUMNS = List.of(
            "day",
            "client",
            "plan",
            "by",
            "state",
            "shares",
            "hooked",
            "loops used",
            "minutes",
            "pictures",
            "last time");

    private static final Interval DAYS = new Interval(1, 3660);

    private final VisitService service;
    private final PeopleRepository people;

    VisitTable(VisitService service, PeopleRepository people) {
        this.service = service;
        this.people = people;
    }

    /**
     * Those of so many days.
     *
     * @param days how many, back from today
     */
    byte[] written(int days) {
        Fields f = new Fields();
        int many = f.whole("days", "How many days back", days, DAYS);
        return f.orRefuse(() -> {
            Map<UUID, String> names = people.names();
            return Tables.write(new Table(
                    COLUMNS, service.back(many).stream().map(v -> row(v, names)).toList()));
        });
    }

    private static List<String> row(VisitTile v, Map<UUID, String> names) {
        return List.of(
                v.day().toString(),
                v.clientName(),
                v.planName(),
                v.stylistId() == null ? "" : names.getOrDefault(v.stylistId(), ""),
                state(v),
                String.valueOf(v.shares()),
                String.valueOf(v.hooked()),
                tenths(v.usedLoops()),
                String.format(Locale.ROOT, "%.0f", v.minutes()),
                String.valueOf(v.pictures()),
                v.lastTime());
    }

    private static String state(VisitTile v) {
        return v.isDown() ? "taken down" : v.isFinished() ? "finished" : v.isBegun() ? "begun" : "not begun";
    }

    private static String tenths(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
