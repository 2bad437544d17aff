package gyrotaxis.core.chair;

import gyrotaxis.core.plan.WorkSheet.SheetShare;

/**
 * One share of the sheet, and what became of it.
 *
 * @param as how it was hooked, or is to be: as the sheet says but for what was changed before it was hooked
 * @param done what became of it
 */
public record Worked(SheetShare as, Done done) {
    /** What became of a share. */
    public enum Done {
        /** It is still to be hooked. */
        TO_DO,
        HOOKED,
        /** On purpose: it is not asked for again. */
        TAKEN_OUT,
        /** By itself: it is to be hooked again. */
        SLIPPED,
        /** It is not hooked after all. */
        LEFT_OUT
    }

    Worked is(Done other) {
        return new Worked(as, other);
    }

    /** Whether it sits on the head. */
    public boolean isHooked() {
        return done == Done.HOOKED;
    }

    /** Whether it is still to be hooked: it never was, or it slid out. */
    public boolean isToDo() {
        return done == Done.TO_DO || done == Done.SLIPPED;
    }
}
