package gyrotaxis.server.outside;

import java.util.List;

/** A tape that sends each length as it is taken. */
interface Tape {
    /**
     * A length as the tape sent it.
     *
     * @param number the how manyth, from 1
     * @param atMs when, on a clock that only runs forward
     */
    record Sent(int number, long atMs, double mm) {}

    /**
     * What it has sent since it was switched on, in order.
     *
     * @throws DoesNotAnswer if it is not there
     */
    List<Sent> sent();
}
