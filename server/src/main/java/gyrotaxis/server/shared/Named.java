package gyrotaxis.server.shared;

import java.util.List;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.SortField;
import org.jooq.impl.DSL;

/** How names that are kept folded are searched by words that are folded too. */
public final class Named {
    private Named() {}

    /** Whether all words are in it; without any, everything fits. */
    public static Condition all(Field<String> folded, List<String> words) {
        return words.stream().map(folded::contains).reduce(DSL.noCondition(), Condition::and);
    }

    /** Those that begin with the first of some words, of which there is one at least, before the others. */
    public static SortField<Integer> first(Field<String> folded, List<String> words) {
        return DSL.when(folded.startsWith(words.get(0)), 0).otherwise(1).asc();
    }
}
