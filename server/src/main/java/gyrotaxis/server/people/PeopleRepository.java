package gyrotaxis.server.people;

import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.StylistId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/** The studio, its chairs and its people. */
public interface PeopleRepository {
    /** The studio. */
    Studio studio();

    /** Changes it, if nobody has since its version; empty if a newer one is kept. */
    Optional<Studio> change(Studio studio);

    /** The chairs that stand here, in order. */
    List<Chair> chairs();

    /** Puts a chair there. */
    void add(Chair chair);

    /** Calls a chair otherwise; false if there is none. */
    boolean rename(Chair chair);

    /** Takes a chair away; what was done in it keeps its name. */
    boolean remove(ChairId chair);

    /** All who work here or did. */
    List<Person> everybody();

    /** Those who work here, in the order in which they came. */
    default List<Person> here() {
        return everybody().stream().filter(p -> !p.isGone()).toList();
    }

    /** What all of them are called, by their ids. */
    default Map<UUID, String> names() {
        return everybody().stream().map(Person::stylist).collect(Collectors.toMap(s -> s.id().value(), s -> s.name()));
    }

    /** Somebody begins. */
    void add(Person person);

    /** Changes what is known of somebody, if nobody has since her version; empty if a newer one is kept. */
    Optional<Person> change(Person person);

    /** Somebody works here no longer. */
    boolean leave(StylistId who);

    /** Locks chairs and people against everybody else who means to speak for their time, until the transaction ends. */
    void hold();
}
