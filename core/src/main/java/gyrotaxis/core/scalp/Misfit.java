package gyrotaxis.core.scalp;

import java.util.Locale;

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

    /** What is said of it, with the figures. */
    public String words() {
        String words = measure.words();
        return String.format(
                Locale.ROOT,
                "%s is %.1f cm, but the other measures make it %.1f cm, %.1f cm %s. Measure it again.",
                words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1),
                enteredMm / 10,
                expectedMm / 10,
                Math.abs(excessMm()) / 10,
                excessMm() > 0 ? "less" : "more");
    }
}
