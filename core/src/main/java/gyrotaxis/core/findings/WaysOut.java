package gyrotaxis.core.findings;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.install.Bulk;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.plan.ContradictoryMeasuresException;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Measure;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What can be done about a brief that comes to no plan: small changes at the wish that cannot be met, and round it, each of them planned
 * before it is offered. How a mix is spread is not among them: a mix is known by the shelf it comes from.
 */
public final class WaysOut {
    /** More than these are not read in front of a map that does not move. */
    public static final int MAX = 3;

    /** How far a part is moved to find it a place, mm; nearer is tried first. */
    private static final double NEAREST_MM = 10;

    private static final double FURTHEST_MM = 60;

    private final Planner planner;
    private final InstallBrief brief;
    private final FoundationBrief asked;

    private WaysOut(Planner planner, InstallBrief brief) {
        this.planner = planner;
        this.brief = brief;
        this.asked = brief.foundation();
    }

    /**
     * A change after which there is a plan.
     *
     * @param words what is done, without a full stop
     */
    public record WayOut(Sentence words, InstallBrief brief) {}

    /** Ways out, what changes least first, at most {@link #MAX}; empty if the brief comes to a plan, or none was found. */
    public static List<WayOut> of(Planner planner, InstallBrief brief) {
        WaysOut ways = new WaysOut(planner, brief);
        try {
            planner.aside(brief);
            return List.of();
        } catch (FoundationException e) {
            return ways.first(ways.about(e));
        } catch (HookingException e) {
            return ways.first(ways.about(e));
        } catch (ContradictoryMeasuresException e) {
            return ways.first(ways.about(e.misfit().measure()));
        }
    }

    /** Of each kind the first that comes to a plan. */
    private List<WayOut> first(Stream<Stream<WayOut>> kinds) {
        return kinds.flatMap(kind -> kind.filter(w -> isPlanned(w.brief())).findFirst().stream())
                .limit(MAX)
                .toList();
    }

    private boolean isPlanned(InstallBrief other) {
        try {
            planner.aside(other);
            return true;
        } catch (FoundationException | HookingException | ContradictoryMeasuresException cannotBe) {
            return false;
        }
    }

    private Stream<Stream<WayOut>> about(FoundationException e) {
        int i = e.index();
        return switch (e.wish()) {
            case PART -> part(i);
            case OVERLAY -> one("Take this overlay out", asked.withOverlays(without(asked.overlaysMm(), i)));
            case TAIL -> one("Let this tail go where it is suggested", asked.withTails(without(asked.tails(), i)));
            case LEAVE_OUT, PERIMETER, INDIVIDUALS -> rim(asked.rim());
            case REGION ->
                kinds(new WayOut(
                        Sentence.of("Take this region off the map"),
                        brief.withHead(
                                brief.head().withRegions(without(brief.head().regions(), i)))));
            case EAR_LINE, ROWS, BACK -> Stream.of(rows(), straightBack());
        };
    }

    private Stream<Stream<WayOut>> about(HookingException e) {
        return switch (e.wish()) {
            case ZONE ->
                kinds(new WayOut(
                        Sentence.of("Hook this zone as usual"),
                        brief.withHooking(brief.hooking().wishing(Zone.values()[e.index()], ZoneWish.NONE))));
            case CUT, TUFT ->
                kinds(new WayOut(
                        Sentence.of("Take the fibre as it comes"),
                        brief.withHooking(brief.hooking().preparing(Bulk.AS_IT_COMES))));
            case MIX -> Stream.empty();
        };
    }

    private Stream<Stream<WayOut>> about(Measure misfit) {
        HeadMeasures measures = brief.head().measures();
        return Stream.of(
                misfit.isRequired()
                        ? Stream.empty()
                        : Stream.of(estimated("Leave this measure to be estimated", measures, List.of(misfit))),
                Stream.of(estimated(
                        "Keep the measures that are needed and estimate the others",
                        measures,
                        Stream.of(Measure.values()).filter(m -> !m.isRequired()).toList())));
    }

    private WayOut estimated(String words, HeadMeasures measures, List<Measure> left) {
        EnumMap<Measure, Double> kept = new EnumMap<>(measures.byMeasure());
        left.forEach(kept::remove);
        return new WayOut(Sentence.of(words), brief.withMeasures(new HeadMeasures(kept)));
    }

    /** Elsewhere, straight, under another pattern, or out. */
    private Stream<Stream<WayOut>> part(int index) {
        WearingPart part = asked.parts().get(index);
        Stream<WayOut> elsewhere = byTurns(
                (int) (FURTHEST_MM / NEAREST_MM),
                n -> WearingPart.START_MM.contains(part.startMm() + n * NEAREST_MM)
                        ? Optional.of(new WayOut(
                                Sentence.of(
                                        "Start this part ",
                                        Quantity.mm(Math.abs(n) * NEAREST_MM),
                                        n < 0 ? " further to her left" : " further to her right"),
                                with(index, part.startingAt(part.startMm() + n * NEAREST_MM))))
                        : Optional.empty());
        Stream<WayOut> straight = part.slantRad() == 0 && part.bowMm() == 0
                ? Stream.empty()
                : Stream.of(new WayOut(
                        Sentence.of("Draw this part straight back"),
                        with(
                                index,
                                new WearingPart(part.startMm(), 0, 0, part.lengthMm(), part.end(), part.showsSide()))));
        Stream<WayOut> out = Stream.of(new WayOut(
                Sentence.of("Take this part out"),
                brief.withFoundation(asked.withParts(without(asked.parts(), index), asked.flanks()))));
        return Stream.of(elsewhere, straight, straightBack(), out);
    }

    private InstallBrief with(int index, WearingPart other) {
        List<WearingPart> parts = new ArrayList<>(asked.parts());
        parts.set(index, other);
        return brief.withFoundation(asked.withParts(parts, asked.flanks()));
    }

    private Stream<WayOut> straightBack() {
        if (asked.back() instanceof Back.Straight) {
            return Stream.empty();
        }
        return Stream.of(new WayOut(
                Sentence.of("Braid straight back instead"),
                brief.withFoundation(asked.braidedAs(new Back.Straight(RowFindings.USUAL_LEVELS)))));
    }

    /** Fewer or more rows in front, nearer numbers first. */
    private Stream<WayOut> rows() {
        return byTurns(
                (int) FoundationBrief.FRONT_ROWS.max(),
                n -> FoundationBrief.FRONT_ROWS.contains(asked.frontRows() + n)
                        ? Optional.of(new WayOut(
                                Sentence.of("Braid " + (asked.frontRows() + n) + " rows in front"),
                                brief.withFoundation(asked.withFrontRows(asked.frontRows() + n))))
                        : Optional.empty());
    }

    private Stream<Stream<WayOut>> rim(RimBrief rim) {
        return Stream.concat(
                Stream.concat(
                        one("Set no singles", asked.withRim(rim.withIndividuals(Individuals.none()))),
                        one(
                                "Braid no perimeter braid",
                                asked.withRim(rim.withPerimeter(Where.NOWHERE, rim.perimeterMm())))),
                one("Leave no hair out", asked.withRim(rim.withLeaveOut(Where.NOWHERE, rim.leaveOutMm()))));
    }

    private Stream<Stream<WayOut>> one(String words, FoundationBrief other) {
        return kinds(new WayOut(Sentence.of(words), brief.withFoundation(other)));
    }

    private static Stream<Stream<WayOut>> kinds(WayOut only) {
        return Stream.of(Stream.of(only));
    }

    /** By -1, +1, -2, +2 and so on. */
    private static Stream<WayOut> byTurns(int most, IntFunction<Optional<WayOut>> of) {
        return IntStream.rangeClosed(1, most)
                .flatMap(n -> IntStream.of(-n, n))
                .mapToObj(of)
                .flatMap(Optional::stream);
    }

    private static <T> List<T> without(List<T> all, int index) {
        List<T> rest = new ArrayList<>(all);
        rest.remove(index);
        return rest;
    }
}
