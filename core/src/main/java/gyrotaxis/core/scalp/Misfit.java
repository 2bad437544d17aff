package gyrotaxis.core.scalp;

/**
 * A measure that the others contradict.
 *
 * @param measure the one named
 * @param enteredMm what the tape is said to have shown, mm
 * @param expectedMm what a head with the other measures would show, mm
 */
public record Misfit(Measure measure, double enteredMm, double expectedMm) {

    /** How much longer the entered measure is than the others allow, mm; negative if it is shorter. */
    public double excessMm() {
        return enteredMm - expectedMm;
    }
}
