package gyrotaxis.core.findings;

import static gyrotaxis.core.quantity.Quantity.part;
import static gyrotaxis.core.quantity.Quantity.times;

import gyrotaxis.core.care.Habit;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Outline;
import gyrotaxis.core.wear.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/** What is to be said about a plan as it is worn. */
public final class WornFindings {
    /** More of a zone than this showing is said. ASSUMPTION: one part in eight reads as thin. */
    static final double SHOWS = 0.12;

    /** What "a fifth closer" is. */
    private static final double CLOSER = 1.2;

    /** What "lighter" is. ASSUMPTION: enough to be felt. */
    private static final double LIGHTER = 0.85;

    /** A head that lacks less than this of the wish is as full as wished. ASSUMPTION: nobody sees less. */
    private static final double FULLNESS_TOLERANCE = 0.15;

    /** So much over the wish is too full. ASSUMPTION: a fifth is seen. */
    private static final double TOO_FULL = 1.2;

    /** Deeper than this at the nape is hot, and hotter than somebody in the heat should have it. ASSUMPTION. */
    private static final double HOT_DEPTH = 9.2;

    /** The same where she swims, sweats or lives in the heat. ASSUMPTION. */
    private static final double HOT_DEPTH_IN_HEAT = 7;

    private final InstallPlan plan;
    private final Cover cover;
    private final Outline outline;
    private final List<Finding> remarks = new ArrayList<>();

    private WornFindings(InstallPlan plan, WearView seen) {
        this.plan = plan;
        this.cover = seen.cover();
        this.outline = seen.outline();
    }

    /** All of it, gravest first. */
    public static List<Finding> of(InstallPlan plan, WearView seen) {
        WornFindings w = new WornFindings(plan, seen);
        w.remark();
        return w.remarks.stream()
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
    }

    private void remark() {
        boolean isUp = cover.worn().way().isUp();
        for (Zone zone : Zone.values()) {
            double exposed = cover.exposedByZone().getOrDefault(zone, 0.0);
            if (exposed > SHOWS) {
                say(
                        Code.SCALP_SHOWS,
                        isUp ? Severity.HINT : Severity.WARNING,
                        zone,
                        Sentence.of(
                                "Worn ",
                                cover.worn().words(),
                                ", ",
                                part(exposed),
                                " of the ",
                                zone.words(),
                                " shows."),
                        isUp ? List.of() : List.of(closer(zone)));
            }
        }
        fullness();
        if (outline.isTooRound()) {
            say(
                    Code.TOO_ROUND,
                    Severity.HINT,
                    Zone.BACK,
                    Sentence.of(
                            "It stands as high at the sides and behind as on top: an outline so even reads like a wig."),
                    List.of(lighter(Zone.BACK)));
        }
        if (outline.hasHump()) {
            say(
                    Code.HAIR_HUMPS,
                    Severity.HINT,
                    Zone.NAPE,
                    Sentence.of("Hair stands out at the nape: it is hooked so much more fully there than on top."),
                    List.of(lighter(Zone.NAPE)));
        }
        nape();
    }

    private void fullness() {
        if (cover.worn().way().isUp()) {
            return;
        }
        double wished = plan.brief().fullness();
        double is = cover.fullness();
        if (is < wished * (1 - FULLNESS_TOLERANCE)) {
            remarks.add(new Finding(
                    Code.NOT_AS_FULL,
                    Severity.HINT,
                    FindingList.head(),
                    Sentence.of("It comes to ", part(is), " of a full head, and ", part(wished), " was wished for."),
                    asUsualBehind()));
        }
        if (is > wished * TOO_FULL) {
            tooFull(wished, is);
        }
    }

    /** Big shares far apart are quick, and leave a head less full. */
    private List<Remedy> asUsualBehind() {
        HookingBrief hooking = plan.brief().hooking();
        Method method = hooking.method();
        return method.back() == Method.BackSpacing.BIG_SHARES
                ? List.of(new Remedy(
                        "Hook the back as closely as usual",
                        plan.brief().withHooking(hooking.by(method.with(Method.BackSpacing.USUAL)))))
                : List.of();
    }

    /** Too full is as common a complaint as too thin: the remedy names what to leave out, and time does some of it. */
    private void tooFull(double wished, double is) {
        double toward = Loft.of(plan.brief().hair().texture()).toward();
        Sentence falls = toward < 1 - FULLNESS_TOLERANCE / 2
                ? Sentence.of(" About ", part(1 - toward), " of its volume falls by itself within days.")
                : Sentence.of("");
        Thinning thinning = new Thinning(plan, cover, 1 - wished / is);
        List<Remedy> remedies = new ArrayList<>();
        if (!thinning.leftOut().isEmpty()) {
            String first = thinning.leftOut().stream()
                    .limit(3)
                    .map(s -> s.id().toString())
                    .collect(Collectors.joining(", "));
            remedies.add(new Remedy(
                    Sentence.of(
                            "Leave out ",
                            thinning.leftOut().size(),
                            " hidden shares, first " + first + ": about ",
                            part(is * (1 - thinning.part())),
                            " of a full head is left"),
                    thinning.brief()));
        }
        remarks.add(new Finding(
                Code.TOO_FULL,
                Severity.HINT,
                FindingList.head(),
                Sentence.of(
                        "It comes to ", part(is), " of a full head where ", part(wished), " was wished for.", falls),
                remedies));
    }

    private void nape() {
        if (cover.worn().way() == Way.WIND) {
            return;
        }
        boolean inHeat = plan.brief().consultation().habits().contains(Habit.HEAT);
        double depth = cover.depthByZone().getOrDefault(Zone.NAPE, 0.0);
        if (depth > (inHeat ? HOT_DEPTH_IN_HEAT : HOT_DEPTH)) {
            say(
                    Code.HOT_NAPE,
                    inHeat ? Severity.WARNING : Severity.HINT,
                    Zone.NAPE,
                    Sentence.of(
                            "Hair covers the nape ",
                            times(depth),
                            " over (an estimate): hot",
                            inHeat ? ", and her days are." : " in summer."),
                    List.of(lighter(Zone.NAPE)));
        }
    }

    /** A fifth closer; where a row holds so few shares that this would add none, one more on each row. */
    private Remedy closer(Zone zone) {
        double oneMore = 1 + 1 / onARow(zone);
        return oneMore > CLOSER
                ? remedy("Hook about one share more on each row of the " + zone.words(), zone, oneMore)
                : remedy("Hook the " + zone.words() + " a fifth closer", zone, CLOSER);
    }

    /** The same the other way. */
    private Remedy lighter(Zone zone) {
        return remedy("Make the " + zone.words() + " lighter", zone, Math.min(LIGHTER, 1 - 1 / (onARow(zone) + 1)));
    }

    /** Shares of a zone on one of the rows that have any there; at least 1. */
    private double onARow(Zone zone) {
        List<RowId> rows = plan.stations().stream()
                .filter(s -> s.zone() == zone)
                .map(s -> s.id().row())
                .toList();
        return Math.max(1, rows.size() / Math.max(1.0, rows.stream().distinct().count()));
    }

    private Remedy remedy(String words, Zone zone, double factor) {
        HookingBrief asked = plan.brief().hooking();
        return new Remedy(
                words,
                plan.brief().withHooking(asked.wishing(zone, asked.wish(zone).closerBy(factor))));
    }

    private void say(Code code, Severity severity, Zone zone, Sentence words, List<Remedy> remedies) {
        remarks.add(new Finding(code, severity, new Place.InZone(zone), words, remedies));
    }
}
