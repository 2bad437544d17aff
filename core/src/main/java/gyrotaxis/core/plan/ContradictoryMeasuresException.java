package gyrotaxis.core.plan;

import gyrotaxis.core.scalp.Misfit;

/** No head has these measures together, not even nearly; carries the one that the others contradict. */
public final class ContradictoryMeasuresException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Misfit misfit;

    /** A refusal because of {@code misfit}. */
    public ContradictoryMeasuresException(Misfit misfit) {
        super(misfit.words().toString());
        this.misfit = misfit;
    }

    /** The measure that the others contradict, and by how much. */
    public Misfit misfit() {
        return misfit;
    }
}
