package gyrotaxis.core.learn;

import gyrotaxis.core.chair.Account;
import gyrotaxis.core.chair.Paced;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.Stage;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;

/**
 * Reads off a visit what it teaches: what was taken against what is usual, whatever was known of the stylist when it was planned.
 *
 * <p>Does not judge: a clock that ran on over lunch is told as it is, and weighed against other visits later.
 */
public final class Observer {
    /** Less than this of a stage says nothing of a pace, minutes. ASSUMPTION. */
    private static final double MIN_MINUTES = 4;

    /** Less than this of a head says nothing of what it uses, loops. ASSUMPTION: half a bundle. */
    private static final double MIN_LOOPS = 10;

    private static final double ALL_PERCENT = 100;
    private static final double WEEK = 7;
    private static final double DAYS_OF_LOFT = 7;

    private final WorkSheet sheet;
    private final InstallBrief brief;
    private final Account account;
    private final EnumMap<Known, Double> seen = new EnumMap<>(Known.class);

    private Observer(WorkSheet sheet, InstallBrief brief, Account account) {
        this.sheet = sheet;
        this.brief = brief;
        this.account = account;
    }

    /**
     * What a visit teaches.
     *
     * @param brief what was frozen with the sheet
     */
    public static Map<Known, Double> of(
            WorkSheet sheet, InstallBrief brief, Collection<RecordedEvent> events, Afterlife after) {
        Observer o = new Observer(sheet, brief, Account.of(sheet, events));
        o.minutes();
        Paced.of(sheet, events, brief.speeds())
                .forEach((knot, factor) -> o.seen.put(Known.of(knot), factor * o.then(Known.of(knot))));
        o.hair();
        o.passes(after);
        o.wear(after);
        return o.seen;
    }

    private void minutes() {
        pace(Known.SPLITTING, Set.of(Stage.PREPARE));
        pace(Known.BRAIDING, Set.of(Stage.PART, Stage.BRAID, Stage.SECURE));
        pace(Known.FINISHING, Set.of(Stage.TRY_AND_FILL, Stage.FINISH));
    }

    private void pace(Known what, Set<Stage> stages) {
        double planned = 0;
        double taken = 0;
        for (Account.Minutes m : account.minutes()) {
            if (stages.contains(m.stage()) && m.taken().isPresent()) {
                planned += m.planned().likely();
                taken += m.taken().getAsDouble();
            }
        }
        if (planned >= MIN_MINUTES && taken > 0) {
            seen.put(what, taken / planned * then(what));
        }
    }

    /** How much the plan took for a pace, as a factor of what is usual. */
    private double then(Known what) {
        return brief.learned().of(what).orElse(brief.hooking().method().terms().pace());
    }

    private void hair() {
        Account.Hair main = account.main();
        double in = main.shares() + main.fills();
        if (main.planned() < MIN_LOOPS || in <= 0) {
            return;
        }
        if (main.isCounted()) {
            // What was wasted is wasted in fills as in shares.
            seen.put(Known.LOOPS, main.used() * main.shares() / in / main.planned());
        }
        seen.put(Known.RESERVE, ALL_PERCENT * main.fills() / main.planned());
    }

    private void passes(Afterlife after) {
        if (account.passes().used().isEmpty() || account.hooked() == 0) {
            return;
        }
        double more = account.passes().used().getAsDouble()
                - account.passes().planned().orElse(0)
                + brief.learned().orUsual(Known.PASSES);
        int slid = account.slippedInAll() + after.slipped().orElse(0);
        // Where nobody looked afterwards, what held at the chair may yet have slid.
        if (after.slipped().isPresent() || account.isMuch(slid)) {
            seen.put(Known.PASSES, account.isMuch(slid) ? more + 1 : more);
        }
    }

    private void wear(Afterlife after) {
        double usualDay = brief.afterwards().frizzTrimDay() / brief.learned().orUsual(Known.FRIZZ);
        after.frizzDay().ifPresent(day -> seen.put(Known.FRIZZ, day / usualDay));
        double usualLoft = Loft.of(brief.hair().texture()).at(DAYS_OF_LOFT);
        after.weekVolume().ifPresent(v -> seen.put(Known.LOFT, v / usualLoft));
        after.wornWeeks().ifPresent(w -> seen.put(Known.WEAR, w));
    }
}
