package gyrotaxis.server.outside;

/** A scale that tells what lies on it. */
interface Scale {
    /**
     * What it shows.
     *
     * @param grams may be less than 0 where it was set to zero with something on it
     * @param stepGrams it changes by this much
     * @param isAtRest whether it has settled
     */
    record Shown(double grams, double stepGrams, boolean isAtRest) {}

    /**
     * What it shows now.
     *
     * @throws DoesNotAnswer if it is not there, or cannot say
     */
    Shown shown();
}
