package gyrotaxis.core.plan;

import gyrotaxis.core.care.Habit;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.Finding.Code;
import gyrotaxis.core.plan.Finding.Place;
import gyrotaxis.core.plan.Finding.Remedy;
import gyrotaxis.core.plan.WearView.BareRow;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.KnotWatch;
import gyrotaxis.core.wear.Outline;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** Looks at a plan as it is worn. */
final class Wearing {
    /** More of a zone than this showing is said. ASSUMPTION: one part in eight reads as thin. */
    static final double SHOWS = 0.12;

    private static final double BARE = 0.45;
    private static final double FINGER_MM = 18;
    private static final double ALL_PERCENT = 100;
    private static final double CLOSER = 1.2;
    private static final double LIGHTER = 0.85;
    private static final double FULLNESS_TOLERANCE = 0.15;

    /** Deeper than this at the nape is hot, and hotter than somebody in the heat should have it. ASSUMPTION. */
    private static final double HOT_DEPTH = 12;

    private static final double HOT_DEPTH_IN_HEAT = 9;

    private final InstallPlan plan;
    private final Cover cover;
    private final Outline outline;
    private final List<Finding> remarks = new ArrayList<>();

    private Wearing(InstallPlan plan, Cover cover, Outline outline) {
        this.plan = plan;
        this.cover = cover;
        this.outline = outline;
    }

    static WearView of(InstallPlan plan, CoverGrid grid, Worn worn, double day) {
        Cover cover = FallSimulator.cover(grid, plan.foundation(), plan.hooked(), worn, day);
        Outline outline = Outline.of(cover, plan.brief().hair().texture(), day);
        Wearing w = new Wearing(plan, cover, outline);
        double nape = plan.stations().stream()
                .filter(s -> s.zone() == Zone.NAPE)
                .mapToDouble(plan.hooked()::gramsOf)
                .sum();
        w.remark();
        return new WearView(
                cover,
                KnotWatch.of(plan.hooked(), plan.foundation(), cover),
                w.bareRows(),
                outline,
                nape,
                w.remarks.stream()
                        .sorted(Comparator.comparing(Finding::severity))
                        .toList());
    }

    private List<BareRow> bareRows() {
        List<BareRow> bare = new ArrayList<>();
        for (Row row : plan.foundation().rows()) {
            double mm = 0;
            List<Vec2> line = row.path().chart();
            for (int i = 1; i < line.size(); i++) {
                int cell = cover.grid().cellAt(line.get(i));
                if (cell >= 0 && cover.grid().isInside(cell) && cover.exposedAt(cell) > BARE) {
                    mm += row.path().space().get(i).distance(row.path().space().get(i - 1));
                }
            }
            if (mm > FINGER_MM) {
                bare.add(new BareRow(row.id().toString(), mm));
            }
        }
        bare.sort(Comparator.comparingDouble(BareRow::mm).reversed());
        return bare;
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
                        String.format(
                                Locale.ROOT,
                                "Worn %s, %.0f %% of the %s shows.",
                                cover.worn().words(),
                                exposed * ALL_PERCENT,
                                zone.words()),
                        isUp ? List.of() : List.of(closer(zone)));
            }
        }
        fullness();
        if (outline.isTooRound()) {
            say(
                    Code.TOO_ROUND,
                    Severity.HINT,
                    Zone.BACK,
                    "It stands as high at the sides and behind as on top: an outline so even reads like a wig.",
                    List.of(lighter(Zone.BACK)));
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
                    String.format(
                            Locale.ROOT,
                            "It comes to %.0f %% of a full head, and %.0f %% was wished for.",
                            is * ALL_PERCENT,
                            wished * ALL_PERCENT),
                    List.of()));
        }
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
                    String.format(
                            Locale.ROOT,
                            "Hair covers the nape %.0f times over (an estimate): hot%s.",
                            depth,
                            inHeat ? ", and her days are" : " in summer"),
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

    private void say(Code code, Severity severity, Zone zone, String words, List<Remedy> remedies) {
        remarks.add(new Finding(code, severity, new Place(Place.Kind.ZONE, zone.name()), words, remedies));
    }
}
