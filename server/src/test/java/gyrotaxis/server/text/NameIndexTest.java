package gyrotaxis.server.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class NameIndexTest {
    private record Name(UUID id, String folded) implements NameIndex.Entry {}

    private final Map<UUID, Name> table = new HashMap<>();
    private final AtomicInteger reads = new AtomicInteger();
    private boolean isBroken;
    private final NameIndex<Name> roll = new NameIndex<>(
            () -> read(List.copyOf(table.values())),
            ids -> read(ids.stream().filter(table::containsKey).map(table::get).toList()),
            Comparator.comparing(Name::folded));

    private UUID ada;

    @BeforeEach
    void write() {
        ada = write(UUID.randomUUID(), "ada thole");
        write(UUID.randomUUID(), "wanda");
        write(UUID.randomUUID(), "thola brand");
    }

    @AfterEach
    void endOfTransaction() {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.clearSynchronization();
        }
    }

    private UUID write(UUID id, String folded) {
        table.put(id, new Name(id, folded));
        return id;
    }

    private List<Name> read(List<Name> rows) {
        reads.incrementAndGet();
        if (isBroken) {
            throw new IllegalStateException("nothing can be read");
        }
        return rows;
    }

    private List<String> find(String... words) {
        return roll.find(List.of(words)).map(Name::folded).toList();
    }

    @Test
    void allWordsFitInAnyOrderAndThatWhichBeginsSoComesFirst() {
        assertThat(find("thol")).containsExactly("thola brand", "ada thole");
        assertThat(find("le", "ad")).containsExactly("ada thole");
        assertThat(find("nd", "a")).containsExactly("thola brand", "wanda");
        assertThat(find("ada", "wanda")).isEmpty();
        assertThat(find()).containsExactly("ada thole", "thola brand", "wanda");
    }

    @Test
    void itIsReadOnceAndThenOnlyWhatWasChanged() {
        find("a");
        find("b");
        assertThat(reads).hasValue(1);

        write(ada, "ada quay");
        roll.changed(ada);
        assertThat(find("quay")).containsExactly("ada quay");
        assertThat(find("thole")).isEmpty();
        assertThat(reads).hasValue(2);
    }

    @Test
    void whatIsGoneIsNoLongerFound() {
        find("a");
        table.remove(ada);
        roll.changed(ada);
        assertThat(find("ada")).isEmpty();
        assertThat(roll.ids(e -> true)).doesNotContain(ada).hasSize(2);
    }

    @Test
    void aChangeIsReadWhenItsTransactionIsOver() {
        find("a");
        TransactionSynchronizationManager.initSynchronization();
        write(ada, "ada quay");
        roll.changed(ada);
        find("a");
        assertThat(reads).as("it may yet be rolled back").hasValue(1);

        TransactionSynchronizationManager.getSynchronizations()
                .forEach(s -> s.afterCompletion(TransactionSynchronization.STATUS_ROLLED_BACK));
        write(ada, "ada thole");
        assertThat(find("ada")).containsExactly("ada thole");
        assertThat(reads).hasValue(2);
    }

    @Test
    void whatHangsOnAnotherChangesWithItAndReadsNothingBeforeItIsAskedFor() {
        roll.changedWhere(e -> true);
        assertThat(reads).as("nothing is known yet").hasValue(0);
        find("a");
        write(ada, "ada quay");
        roll.changedWhere(e -> e.folded().startsWith("ada"));
        assertThat(find("ada")).containsExactly("ada quay");
    }

    @Test
    void whatCouldNotBeReadIsReadTheNextTime() {
        find("a");
        write(ada, "ada quay");
        roll.changed(ada);
        isBroken = true;
        assertThatThrownBy(() -> find("quay")).hasMessage("nothing can be read");
        isBroken = false;
        assertThat(find("quay")).containsExactly("ada quay");
    }
}
