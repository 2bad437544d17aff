package gyrotaxis.server.visits;

import static gyrotaxis.server.db.Tables.VISIT;

import gyrotaxis.server.book.UnderWay;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

@Component
class InTheChair implements UnderWay {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);

    private final DSLContext db;

    InTheChair(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<String> with(UUID client) {
        return db.select(VISIT.VISIT_DAY)
                .from(VISIT)
                .where(VISIT.CLIENT_ID.eq(client).and(VISIT.IS_BEGUN.isTrue()).and(VISIT.IS_FINISHED.isFalse()))
                .orderBy(VISIT.VISIT_DAY.desc())
                .limit(1)
                .fetchOptional(VISIT.VISIT_DAY)
                .map(day -> "An install of " + DAY.format(day) + " is under way. End it at the chair first.");
    }
}
