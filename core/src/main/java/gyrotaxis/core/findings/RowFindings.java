package gyrotaxis.core.findings;

import static gyrotaxis.core.quantity.Quantity.grams;
import static gyrotaxis.core.quantity.Quantity.gramsPerCm;
import static gyrotaxis.core.quantity.Quantity.mm;
import static gyrotaxis.core.quantity.Quantity.part;

import gyrotaxis.core.braiding.SelfWork.Grade;
import gyrotaxis.core.care.Pull;
import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is to be said about rows: their size, what they run through, what hangs on them, and who braids them. */
final class RowFindings {
    /**
     * A front row thicker than this lies like a rope and shows, mm.
     *
     * @see "ASSUMPTION: two thirds of a finger; asked of stylists, not measured"
     */
    static final double ROPE_MM = 11.5;

    /**
     * A strip narrower than this cannot be parted and braided evenly, mm.
     *
     * @see "ASSUMPTION: about the width of a fingernail"
     */
    static final double NARROW_STRIP_MM = 9;

    /** Rows leaning more than this over the hairline pull it sideways. ASSUMPTION. */
    private static final double STEEP_RAD = Math.toRadians(75);

    /** A nape that carries rows loaded above this part of their limit is pulled on. ASSUMPTION. */
    private static final double NAPE_SHARE = 0.85;

    /** Nearer to the crown than this a region counts as at the crown, mm. ASSUMPTION: three fingers. */
    private static final double AT_CROWN_MM = 55;

    /** Level rows that a remedy asks for. ASSUMPTION: as many as take the tails of a usual front. */
    static final int USUAL_LEVELS = 4;

    private final FindingList list;
    private final InstallBrief brief;
    private final FoundationBrief asked;
    private final Foundation foundation;

    RowFindings(FindingList list) {
        this.list = list;
        this.brief = list.brief;
        this.asked = brief.foundation();
        this.foundation = list.laid.foundation();
    }

    void look() {
        size();
        joins();
        crown();
        regions();
        weight();
        edgeAngles();
        nape();
        self();
    }

    private void size() {
        List<Row> front = foundation.rowsOf(Section.FRONT).stream()
                .filter(r -> r.id().piece() == 1)
                .toList();
        Optional<Row> thickest = front.stream().max(Comparator.comparingDouble(Row::braidWidthMm));
        int rows = asked.frontRows();
        if (thickest.isPresent() && thickest.get().braidWidthMm() > ROPE_MM) {
            Row row = thickest.get();
            // Thickness goes with the root of the strip's width, and that with one over the number of rows.
            int enough = (int) Math.ceil(rows * Math.pow(row.braidWidthMm() / ROPE_MM, 2));
            int even = Math.min((int) FoundationBrief.FRONT_ROWS.max(), enough + enough % 2);
            list.add(
                    Code.ROPE_THICK_ROWS,
                    Severity.WARNING,
                    FindingList.row(row.id()),
                    Sentence.of(
                            row.id().words(),
                            " gathers ",
                            mm(row.stripWidthMm()),
                            " of ",
                            brief.ownHair().density().words(),
                            " hair and would be about ",
                            mm(row.braidWidthMm()),
                            " thick, a rope that shows. More rows lie flatter."),
                    even > rows ? frontRows(even) : List.of());
        }
        Optional<Row> narrowest =
                front.stream().filter(r -> r.lead().isEmpty()).min(Comparator.comparingDouble(Row::stripWidthMm));
        if (narrowest.isPresent() && narrowest.get().stripWidthMm() < NARROW_STRIP_MM) {
            Row row = narrowest.get();
            int fit = Math.max((int) FoundationBrief.FRONT_ROWS.min(), (int)
                    Math.floor(rows * row.stripWidthMm() / NARROW_STRIP_MM));
            int even = fit - fit % 2;
            list.add(
                    Code.ROWS_TOO_NARROW,
                    Severity.WARNING,
                    FindingList.row(row.id()),
                    Sentence.of(
                            row.id().words(),
                            " has only ",
                            mm(row.stripWidthMm()),
                            " of scalp, narrower than a fingernail. ",
                            even,
                            " rows fit this head."),
                    even < rows ? frontRows(even) : List.of());
        }
    }

    private List<Remedy> frontRows(int n) {
        return list.lay("Braid " + n + " rows in front", asked.withFrontRows(n)).stream()
                .toList();
    }

    private void joins() {
        if (foundation.rowsOf(Section.BACK).isEmpty()
                || foundation.joinsMatch()
                || !asked.edits().isEmpty()) {
            return;
        }
        int rows = asked.frontRows();
        list.add(
                Code.UNEVEN_JOINS,
                Severity.HINT,
                FindingList.head(),
                rows + " rows cannot join into " + FoundationBrief.rowsOf(asked.back())
                        + " alike on both sides; the client's left carries one more.",
                rows - 1 >= FoundationBrief.FRONT_ROWS.min() ? frontRows(rows - 1) : List.of());
    }

    /** Rows that run front to back over a thin crown show there as stripes. */
    private void crown() {
        boolean isThin = brief.ownHair().has(ScalpCondition.THIN_CROWN)
                || brief.head().regions().stream().anyMatch(this::isThinAtCrown);
        boolean runsOver = foundation.rows().stream()
                .anyMatch(r -> (r.id().section() == Section.BACK || r.id().section() == Section.UPRIGHT)
                        && foundation.rowsOf(Section.OVERLAY).isEmpty());
        if (!isThin || !runsOver || foundation.cap().isPresent()) {
            return;
        }
        list.add(
                Code.CROWN_STRIPES,
                Severity.WARNING,
                FindingList.head(),
                "The crown is thin and the rows run front to back over it: they will show as stripes when the hair splits. An overlay row lets it fall back over them.",
                overlay().stream().toList());
    }

    private boolean isThinAtCrown(Region r) {
        return r.kind() == RegionKind.THIN
                && list.laid.scalp().chartOf(r).stream()
                        .map(list.laid.scalp().chart()::lift)
                        .anyMatch(p -> p.distance(list.laid.scalp().at(Landmark.CROWN)) < AT_CROWN_MM);
    }

    /** At the crown, or as near to it as a line over the top can come on this head. */
    private Optional<Remedy> overlay() {
        double crown = -list.laid.scalp().at(Landmark.CROWN).y() - asked.earLineBehindMm() - asked.earLineLeanMm();
        for (double mm = FoundationBrief.OVERLAY_MM.clamp(Math.rint(crown)); mm >= 0; mm -= 10) {
            Optional<Remedy> remedy = list.lay("Lay an overlay row at the crown", asked.withOverlays(List.of(mm)));
            if (remedy.isPresent()) {
                return remedy;
            }
        }
        return Optional.empty();
    }

    private void regions() {
        List<Region> regions = brief.head().regions();
        for (int i = 0; i < regions.size(); i++) {
            Region r = regions.get(i);
            if (r.kind() != RegionKind.TENDER && r.kind() != RegionKind.THIN) {
                continue;
            }
            List<RowId> through = foundation.rows().stream()
                    .filter(row -> Pull.runsThrough(list.laid.scalp(), row, r))
                    .map(Row::id)
                    .toList();
            if (!through.isEmpty()) {
                double grams = Pull.gramsIn(list.laid.scalp(), r, list.laid.hooked());
                list.add(
                        Code.THROUGH_REGION,
                        Severity.HINT,
                        new Place.InRegion(i),
                        Sentence.of(
                                r.name(),
                                " (",
                                r.kind().words(),
                                "): ",
                                names(through),
                                through.size() == 1 ? " runs" : " run",
                                " through it, with ",
                                grams(grams),
                                " hooked there. Braid loosely and hook light."));
            }
        }
    }

    private void weight() {
        Optional<RowPull> worst = list.laid.pull().stream().max(Comparator.comparingDouble(RowPull::share));
        if (worst.isEmpty() || worst.get().share() <= 1) {
            return;
        }
        RowPull p = worst.get();
        long too = list.laid.pull().stream().filter(q -> q.share() > 1).count();
        double lighter = Math.max(0.5, Math.floor(brief.fullness() / p.share() * 20) / 20);
        list.add(
                Code.ROW_OVERLOADED,
                Severity.WARNING,
                FindingList.row(p.row()),
                Sentence.of(
                        p.row().words(),
                        " carries ",
                        gramsPerCm(p.gramsPerCm()),
                        ", and hair like hers should bear no more there than ",
                        gramsPerCm(p.limitGramsPerCm()),
                        " (an estimate)",
                        too > 1 ? "; " + (too - 1) + " more rows carry too much" : "",
                        "."),
                lighter < brief.fullness()
                        ? List.of(new Remedy(
                                Sentence.of("Hook it at ", part(lighter), " fullness"), brief.withFullness(lighter)))
                        : List.of());
    }

    private void edgeAngles() {
        List<RowId> steep = list.laid.pull().stream()
                .filter(p ->
                        p.isAtEdge() && p.edgeAngleRad() > STEEP_RAD && p.row().section() == Section.FRONT)
                .map(RowPull::row)
                .toList();
        if (!steep.isEmpty()) {
            list.add(
                    Code.EDGE_ANGLE,
                    Severity.HINT,
                    FindingList.row(steep.get(0)),
                    names(steep) + (steep.size() == 1 ? " leaves" : " leave")
                            + " the hairline so slantwise that it is pulled along rather than back. Start loosely there.");
        }
    }

    private void nape() {
        List<RowPull> loaded =
                list.laid.pull().stream().filter(RowPull::loadsNape).toList();
        double heaviest = loaded.stream().mapToDouble(RowPull::share).max().orElse(0);
        if (loaded.size() < 2 || heaviest < NAPE_SHARE) {
            return;
        }
        list.add(
                Code.NAPE_PULLED,
                Severity.HINT,
                FindingList.row(loaded.get(0).row()),
                Sentence.of(
                        loaded.size(),
                        " rows hang on the nape, loaded to ",
                        part(heaviest),
                        " of what hers should bear (an estimate). Level rows keep pull off it."),
                FindingList.those(List.of(
                        list.lay(
                                "Tie the back across",
                                asked.withOverlays(List.of()).withBack(new Back.CrossTied())),
                        switchback())));
    }

    private void self() {
        if (brief.installer() != Installer.SELF || list.laid.selfWork().grade() != Grade.HARD) {
            return;
        }
        boolean isSpiral = asked.back() instanceof Back.Spiral;
        list.add(
                Code.HARD_ON_ONESELF,
                Severity.WARNING,
                FindingList.head(),
                "Hard on oneself: " + String.join("; ", list.laid.selfWork().reasons()) + ".",
                asked.back() instanceof Back.Switchback
                        ? List.of()
                        : FindingList.those(List.of(
                                switchback(),
                                isSpiral
                                        ? list.lay(
                                                "Braid straight back", asked.withBack(new Back.Straight(USUAL_LEVELS)))
                                        : Optional.empty())));
    }

    private Optional<Remedy> switchback() {
        return list.lay(
                "Braid the back as a switchback",
                asked.withBack(new Back.Switchback(USUAL_LEVELS, true, Back.FrontTails.THREADED)));
    }

    private static String names(List<RowId> ids) {
        String some = ids.stream().limit(4).map(RowId::words).collect(Collectors.joining(", "));
        return ids.size() > 4 ? some + " and " + (ids.size() - 4) + " more" : some;
    }
}
