package gyrotaxis.core.care;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.core.scalp.ScalpCondition;
import java.util.ArrayList;
import java.util.List;

/** Finds the cautions that a head and a hair line give cause for. */
public final class Cautions {
    private Cautions() {}

    /** All that apply, gravest first; may be empty. */
    public static List<Caution> of(OwnHair own, HairLine hair) {
        List<Caution> found = new ArrayList<>();
        if (own.has(ScalpCondition.BROKEN_SKIN)) {
            found.add(Caution.DO_NOT_INSTALL);
        }
        if (hair.isCoated()) {
            found.add(own.has(ScalpCondition.REACTS_TO_COATING) ? Caution.RINSE_FIRST : Caution.COATED);
        }
        if (own.has(ScalpCondition.THIN_EDGES)) {
            found.add(Caution.SPARE_THE_EDGES);
        }
        if (own.has(ScalpCondition.TENDER)) {
            found.add(Caution.BRAID_LOOSELY);
        }
        if (own.has(ScalpCondition.THIN_CROWN)) {
            found.add(Caution.CROWN_SHOWS);
        }
        return List.copyOf(found);
    }
}
