package gyrotaxis.server.people;

import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.StylistId;
import java.util.List;
import java.util.Optional;

/** The studio, its chairs and its people. */
public interface People {
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

    /** Somebody begins. */
    void add(Person person);

    /** Changes what is known of somebody, if nobody has since her version; empty if a newer one is kept. */
    Optional<Person> change(Person person);

    /** Somebody works here no longer. */
    boolean leave(StylistId who);

    /** Locks chairs and people against everybody else who means to speak for their time, until the transaction ends. */
    void hold();
}
