package gyrotaxis.core.balance;

/** A balancing was stopped by whoever watched it; nothing came of it. */
public final class BalanceStopped extends RuntimeException {
    private static final long serialVersionUID = 1L;

    BalanceStopped() {
        super("stopped", null, false, false);
    }
}
