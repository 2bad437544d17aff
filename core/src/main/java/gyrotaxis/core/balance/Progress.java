package gyrotaxis.core.balance;

/** Is told how far a long computation has come, and may stop it. */
@FunctionalInterface
public interface Progress {
    /** Nobody looks, and nobody stops it. */
    Progress UNSEEN = fraction -> true;

    /**
     * So far.
     *
     * @param fraction of the whole, in [0, 1], never less than before
     * @return whether to go on
     */
    boolean at(double fraction);
}
