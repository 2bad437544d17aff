package gyrotaxis.core.practice;

/** Knows what is right in one drill. */
public interface Key {
    /** An answer that is right. */
    Answer solution();

    /**
     * What an answer is worth.
     *
     * @throws IllegalArgumentException if it is not of the form that was asked for
     */
    Verdict judge(Answer answer);
}
