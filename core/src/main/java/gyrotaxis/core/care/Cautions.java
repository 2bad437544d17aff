package gyrotaxis.core.care;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Finds the cautions that a head and a hair line give cause for. */
public final class Cautions {
    /** Usual wear is 3 to 6 weeks. */
    public static final int USUAL_WEEKS = 5;

    /** Past this roots tend to mat; an estimate of the trade. */
    public static final int MAX_WEEKS = 8;

    /** Hair that mats easily does so sooner. ASSUMPTION: half of the longest wear. */
    public static final int MATTING_WEEKS = 4;

    /** New growth beyond this mats against treated hair, mm. ASSUMPTION: two fingers. */
    private static final double MUCH_GROWTH_MM = 35;

    private Cautions() {}

    /** All that head and hair give cause for, gravest first; may be empty. */
    public static List<Caution> of(OwnHair own, HairLine hair) {
        return of(own, hair, Set.of(), USUAL_WEEKS, false);
    }

    /**
     * All that apply, gravest first; may be empty.
     *
     * @param habits how she lives
     * @param weeks how long it is to be worn
     * @param feedsFibre whether fibre is fed into the rows
     */
    public static List<Caution> of(OwnHair own, HairLine hair, Set<Habit> habits, int weeks, boolean feedsFibre) {
        List<Caution> found = new ArrayList<>();
        addIf(found, own.has(ScalpCondition.BROKEN_SKIN), Caution.DO_NOT_INSTALL);
        addIf(found, own.has(ScalpCondition.SUDDEN_LOSS), Caution.SUDDEN_LOSS);
        if (hair.isCoated()) {
            found.add(own.has(ScalpCondition.REACTS_TO_COATING) ? Caution.RINSE_FIRST : Caution.COATED);
        }
        addIf(found, own.has(ScalpCondition.THIN_EDGES), Caution.SPARE_THE_EDGES);
        addIf(found, own.has(ScalpCondition.TENDER), Caution.BRAID_LOOSELY);
        addIf(found, own.has(ScalpCondition.THIN_CROWN), Caution.CROWN_SHOWS);
        addIf(found, own.has(ScalpCondition.ITCHES), Caution.PATCH_TEST);
        addIf(found, weeks > MAX_WEEKS, Caution.TAKE_DOWN_SOONER);
        boolean matsSoon = own.matsEasily() || own.newGrowthMm() > MUCH_GROWTH_MM;
        addIf(found, matsSoon && weeks > MATTING_WEEKS && !feedsFibre, Caution.ROOTS_MAT);
        addIf(found, habits.contains(Habit.HEAT), Caution.HOT_NAPE);
        addIf(found, habits.contains(Habit.SWIMMING), Caution.DRY_FULLY);
        addIf(found, habits.contains(Habit.SPORT), Caution.WASH_AFTER_SPORT);
        addIf(found, habits.contains(Habit.NO_SCARF), Caution.COVER_AT_NIGHT);
        return List.copyOf(found);
    }

    private static void addIf(List<Caution> found, boolean applies, Caution caution) {
        if (applies) {
            found.add(caution);
        }
    }
}
