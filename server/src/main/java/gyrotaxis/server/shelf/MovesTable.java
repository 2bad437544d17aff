package gyrotaxis.server.shelf;

import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.stock.Moved;
import gyrotaxis.server.stock.StockLedger;
import gyrotaxis.server.tables.Table;
import gyrotaxis.server.tables.Tables;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was moved on the shelf as a table, the newest first. */
@Service
class MovesTable {
    static final List<String> COLUMNS = List.of("when", "what", "amount", "unit", "why", "by", "note");

    /** Spreadsheets take no more lines than a million. */
    private static final int MAX = 500_000;

    private final StockLedger ledger;
    private final PeopleRepository people;

    MovesTable(StockLedger ledger, PeopleRepository people) {
        this.ledger = ledger;
        this.people = people;
    }

    @Transactional(readOnly = true)
    public byte[] written() {
        ZoneId zone = people.studio().zone();
        Map<UUID, String> names = people.names();
        return Tables.write(new Table(
                COLUMNS,
                ledger.latest(new StockLedger.LineFilter(null), Long.MAX_VALUE, MAX).stream()
                        .map(m -> row(m, zone, names))
                        .toList()));
    }

    private static List<String> row(Moved m, ZoneId zone, Map<UUID, String> names) {
        return List.of(
                DateTimeFormatter.ISO_LOCAL_DATE_TIME.format(m.at().atZone(zone).truncatedTo(ChronoUnit.SECONDS)),
                StockItems.words(m.what().good()),
                StockItems.written(StockItems.said(m.what().amount(), m.what().good())),
                m.what().good().unit().words(),
                m.what().why().words(),
                m.by().map(b -> names.getOrDefault(b, "")).orElse(""),
                m.note());
    }
}
