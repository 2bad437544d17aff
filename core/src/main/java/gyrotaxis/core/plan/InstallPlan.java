package gyrotaxis.core.plan;

import gyrotaxis.core.braiding.BraidGroup;
import gyrotaxis.core.braiding.BraidGroups;
import gyrotaxis.core.braiding.BraidStep;
import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.SelfWork;
import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.FoundationNeeds.Need;
import gyrotaxis.core.estimate.Purchase;
import gyrotaxis.core.estimate.Quote;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.WorkStep;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.wear.PartChoice;
import gyrotaxis.core.wear.UpdoView;
import java.util.List;
import java.util.Objects;

/**
 * What the brief comes to.
 *
 * @param brief what was asked
 * @param scalp the head, made ready to plan on
 * @param foundation the rows
 * @param braiding where their tails end, and in which order they are braided
 * @param steps the braiding as numbered steps
 * @param selfWork how hard it is to braid on oneself
 * @param hooked everything that is hooked, with spacing and share by zone
 * @param work in which order it is hooked
 * @param packs what to buy
 * @param quote what it costs
 * @param needs what the foundation takes besides loops
 * @param time how long it takes
 * @param weightGrams weight of all hair placed, g
 * @param pull what pulls on each row, in the order of the rows
 * @param partChoices where parts could be worn
 * @param updos what each updo would show
 */
public record InstallPlan(
        InstallBrief brief,
        Scalp scalp,
        Foundation foundation,
        Braiding braiding,
        List<BraidStep> steps,
        SelfWork selfWork,
        Hooked hooked,
        List<WorkStep> work,
        Purchase packs,
        Quote quote,
        List<Need> needs,
        ChairTime time,
        double weightGrams,
        List<RowPull> pull,
        List<PartChoice> partChoices,
        List<UpdoView> updos) {
    private static final Estimate TAKE_OUT = new Estimate(5, 8, 12);
    private static final Estimate EACH_PASS = new Estimate(1, 1.5, 2);

    public InstallPlan {
        steps = List.copyOf(steps);
        work = List.copyOf(work);
        needs = List.copyOf(needs);
        pull = List.copyOf(pull);
        partChoices = List.copyOf(partChoices);
        updos = List.copyOf(updos);
    }

    /** Where shares are hooked, row by row. */
    public List<Station> stations() {
        return hooked.stations();
    }

    /** The same rows with something else hooked to them; what was counted stays as it was planned. */
    public InstallPlan hookedAs(Hooked other) {
        return new InstallPlan(
                brief,
                scalp,
                foundation,
                braiding,
                steps,
                selfWork,
                other,
                work,
                packs,
                quote,
                needs,
                time,
                weightGrams,
                pull,
                partChoices,
                updos);
    }

    /** The braiding as it is written on a sheet: what is alike together. */
    public List<BraidGroup> braidGroups() {
        return BraidGroups.of(foundation, braiding, brief.foundation());
    }

    /**
     * Seconds to cut a share and draw it out: more passes take longer.
     *
     * @see "ASSUMPTION: 5 to 12 seconds a share with a second or two for each pass"
     */
    public static Estimate takeOutSeconds(Tie tie) {
        return TAKE_OUT.plus(EACH_PASS.times(tie.knot().hasPasses() ? tie.passes() : 1));
    }

    /**
     * Minutes to take it down again: each share cut and drawn out, then the rows undone.
     *
     * @see "ASSUMPTION: a third of the time of braiding to undo rows"
     */
    public Estimate takedownMinutes() {
        int passes = stations().stream()
                .mapToInt(s -> s.tie().knot().hasPasses() ? s.tie().passes() : 1)
                .sum();
        Estimate shares =
                TAKE_OUT.times(stations().size()).plus(EACH_PASS.times(passes)).times(1 / 60.0);
        return shares.plus(Objects.requireNonNull(time().minutes().get(ChairTime.Stage.BRAIDING))
                .times(1 / 3.0));
    }
}
