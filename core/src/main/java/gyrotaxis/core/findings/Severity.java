package gyrotaxis.core.findings;

/** How grave a finding is, gravest first. */
public enum Severity {
    /** The install must not be done like this. */
    STOP,
    /** It will likely be regretted. */
    WARNING,
    /** Worth knowing. */
    HINT
}
