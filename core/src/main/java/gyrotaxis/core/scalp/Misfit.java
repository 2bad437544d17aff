package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;

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
    public Sentence words() {
        return Sentence.of(
                        measure.words(),
                        " is ",
                        Quantity.mm(enteredMm),
                        ", but the other measures make it ",
                        Quantity.mm(expectedMm),
                        ", ",
                        Quantity.mm(Math.abs(excessMm())),
                        excessMm() > 0 ? " less" : " more",
                        ". Measure it again.")
                .capital();
    }

    /** The same where the others could be met, too, but make an unlikely head of it. */
    public Sentence remark() {
        return Sentence.of(
                        measure.words(),
                        " is ",
                        Quantity.mm(enteredMm),
                        "; on a head with these other measures it is usually about ",
                        Quantity.mm(expectedMm),
                        ". That can be so; measure it once more.")
                .capital();
    }
}
