package gyrotaxis.server.outside;

import java.util.List;

/** Prints small labels, one after the other. */
public interface LabelPrinter {
    /**
     * What stands on one.
     *
     * @param number the how manyth, from 1
     * @param of how many there are
     * @param big what is read from afar: how many of which share
     * @param what hair and colour
     * @param where where it goes
     * @param whose whose install
     */
    record Label(int number, int of, String big, String what, String where, String whose) {}

    /**
     * Prints one; returns once it is out.
     *
     * @throws DoesNotAnswer if it cannot: it does not answer, or the roll ended. What was printed before is printed
     */
    void print(Label label);

    /** Forgets what was printed; before a new set. */
    void begin();

    /** What came out of a stand-in since it began; empty for a real one. */
    default List<Label> out() {
        return List.of();
    }
}
