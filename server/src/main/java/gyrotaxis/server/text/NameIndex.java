package gyrotaxis.server.text;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Names in memory, so that any part of one is found without passing through a table.
 *
 * <p>What is changed is read again before the next search that comes after the change is committed or rolled back: so a search never shows
 * what was not kept, and whoever changes a name does not wait for it.
 *
 * @param <E> what is known of a name
 */
public final class NameIndex<E extends NameIndex.Entry> {
    private final Supplier<List<E>> all;
    private final Function<Set<UUID>, List<E>> some;
    private final Comparator<E> order;
    private final Set<UUID> changed = ConcurrentHashMap.newKeySet();
    private @Nullable Map<UUID, E> known;
    private List<E> sorted = List.of();

    /**
     * A roll of nothing yet; it is read when it is first searched.
     *
     * @param all reads all entries
     * @param some reads those of some ids that there are
     * @param order in which they are listed
     */
    public NameIndex(Supplier<List<E>> all, Function<Set<UUID>, List<E>> some, Comparator<E> order) {
        this.all = all;
        this.some = some;
        this.order = order;
    }

    /** A name. */
    public interface Entry {
        UUID id();

        /** The name, folded. */
        String folded();

        /** Whether all words are in it; without any, everything fits. */
        default boolean fits(List<String> words) {
            return words.stream().allMatch(folded()::contains);
        }
    }

    /** Those that fit all words, each folded: first those that begin with the first word, then the others, both in order. */
    public Stream<E> find(List<String> words) {
        return first(entries().stream().filter(e -> e.fits(words)), words);
    }

    private Stream<E> first(Stream<E> fitting, List<String> words) {
        if (words.isEmpty()) {
            return fitting;
        }
        List<E> others = new ArrayList<>();
        List<E> found = new ArrayList<>();
        fitting.forEach(e -> (e.folded().startsWith(words.get(0)) ? found : others).add(e));
        return Stream.concat(found.stream(), others.stream());
    }

    /** The ids of those of which something is true. */
    public Set<UUID> ids(Predicate<E> which) {
        Set<UUID> ids = new HashSet<>();
        entries().stream().filter(which).forEach(e -> ids.add(e.id()));
        return ids;
    }

    /** To be called where an entry is added, changed or removed. */
    public void changed(UUID id) {
        changed(Set.of(id));
    }

    /** To be called where entries are added, changed or removed. */
    public void changed(Set<UUID> ids) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            changed.addAll(ids);
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                changed.addAll(ids);
            }
        });
    }

    /** The same for those of which something is true; what was not read yet needs no reading again. */
    public void changedWhere(Predicate<E> which) {
        Set<UUID> ids;
        synchronized (this) {
            ids = known == null
                    ? Set.of()
                    : known.values().stream().filter(which).map(Entry::id).collect(Collectors.toSet());
        }
        changed(ids);
    }

    private synchronized List<E> entries() {
        // They are taken out before they are read: what is changed while they are read is read once more.
        Set<UUID> due = Set.copyOf(changed);
        changed.removeAll(due);
        try {
            if (known == null) {
                known = byId(all.get());
                sorted = sorted(known);
            } else if (!due.isEmpty()) {
                Map<UUID, E> again = byId(some.apply(due));
                known.keySet().removeAll(due);
                known.putAll(again);
                sorted = sorted(known);
            }
        } catch (RuntimeException e) {
            changed.addAll(due);
            throw e;
        }
        return sorted;
    }

    private Map<UUID, E> byId(List<E> entries) {
        return entries.stream().collect(Collectors.toMap(Entry::id, Function.identity(), (a, b) -> b, HashMap::new));
    }

    private List<E> sorted(Map<UUID, E> entries) {
        return entries.values().stream().sorted(order).toList();
    }
}
