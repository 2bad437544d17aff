package gyrotaxis.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class DataMigrationTest {
    private final DSLContext db = DSL.using("jdbc:h2:mem:");
    private final List<String> done = new ArrayList<>();

    @BeforeEach
    void migrate() {
        db.execute("create table done_once (what varchar(60) primary key, done_at timestamp with time zone not null)");
    }

    @Test
    void whatWasDoneIsNotDoneAgainNotEvenAfterAStart() {
        new DataMigration(db, Clock.systemUTC()).only("fold", () -> done.add("fold"));
        new DataMigration(db, Clock.systemUTC()).only("fold", () -> done.add("fold again"));
        new DataMigration(db, Clock.systemUTC()).only("pack", () -> done.add("pack"));
        assertThat(done).containsExactly("fold", "pack");
    }

    @Test
    void whatFailedIsDoneTheNextTime() {
        DataMigration once = new DataMigration(db, Clock.systemUTC());
        assertThatThrownBy(() -> once.only("fold", () -> {
                    throw new IllegalStateException("the disk is full");
                }))
                .hasMessage("the disk is full");
        once.only("fold", () -> done.add("fold"));
        assertThat(done).containsExactly("fold");
    }
}
