package gyrotaxis.server.bench;

import gyrotaxis.core.braiding.BraidStep;
import gyrotaxis.core.braiding.SelfWork;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Severity;
import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.foundation.TailEnd;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.Note;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.wear.Way;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A computed plan as it is shown.
 *
 * <p>Curves are flat lists x, y, x, y, … in mm, rounded to 0.1 mm: on the map with +x to the client's right and +y toward
 * the forehead; in a view with +x to the viewer's right and +y up. {@code views} is empty in the rough answer to what is
 * still in the hand: there they stay as they were.
 */
record PlanView(
        Head head,
        Map map,
        List<Row> rows,
        List<Station> stations,
        List<StationKind> kinds,
        List<View> views,
        List<Part> parts,
        List<Gap> gaps,
        List<TailView> tails,
        List<Step> steps,
        SelfView selfWork,
        List<Updo> updos,
        List<NeedView> needs,
        List<WorkView> work,
        List<NoteView> notes,
        List<HairUse> hairs,
        MethodBody method,
        QuoteView quote,
        Ledger ledger,
        List<FindingView> findings,
        Limits limits) {

    /** The fitted head. */
    record Head(List<Reading> readings, double areaMm2) {}

    /** One measure: as entered or estimated, and as the fitted head gives it back. */
    record Reading(
            String field,
            String words,
            boolean isRequired,
            double tapeMm,
            double fittedMm,
            boolean isEstimated,
            boolean isMet) {}

    /** The flat map; {@code cap} is empty where there is none, {@code mesh} holds x, y, radius of each piece. */
    record Map(
            List<Double> outline,
            List<Double> braidedEdge,
            List<Double> earLine,
            List<Mark> landmarks,
            List<Mark> hairlineGrips,
            List<RegionView> regions,
            List<CrossingView> crossings,
            List<Double> cap,
            List<Double> mesh) {}

    /** A landmark on the map. */
    record Mark(String name, String words, double x, double y) {}

    /** A region; {@code index} is its place in the brief, from 0. */
    record RegionView(int index, RegionKind kind, String kindWords, String name, String place, List<Double> rim) {}

    /** Where one row runs over another. */
    record CrossingView(String over, String under, double x, double y) {}

    /** A row; {@code order} is the number of the step in which it is braided. */
    record Row(
            String id,
            String words,
            Section section,
            RowUse use,
            double lengthMm,
            double stripWidthMm,
            double braidWidthMm,
            @Nullable @Schema(nullable = true) String joins,
            int stations,
            int order,
            double gramsPerCm,
            double limitGramsPerCm,
            double pullShare,
            String place,
            List<Double> path) {}

    /**
     * A station; {@code gapMm} is centre to centre from the one before it on its row, null for the first, and
     * {@code clearMm} the same less the width of a seated share. {@code towardX} and {@code towardY} are the unit direction on
     * the map in which the hook goes in; {@code kind} is a place in the list of kinds.
     */
    record Station(
            String id,
            String row,
            double x,
            double y,
            double alongMm,
            double at,
            @Nullable @Schema(nullable = true) Double gapMm,
            @Nullable @Schema(nullable = true) Double clearMm,
            int kind,
            double towardX,
            double towardY,
            boolean byHand) {}

    /**
     * All that is alike for many stations, told once; {@code legPercent} of the fibre goes through, and {@code decidedBy} are
     * the questions of the method that decided.
     */
    record StationKind(
            Zone zone,
            String zoneWords,
            Role role,
            String roleWords,
            int shareParts,
            String shareWords,
            int strand,
            Knot knot,
            String tieWords,
            int passes,
            int legPercent,
            String legWords,
            List<String> extraHolds,
            String bearingWords,
            String bearingWhy,
            boolean isContested,
            List<String> decidedBy,
            HoldView hold) {}

    /** How well it holds: 1 just lasts. */
    record HoldView(double score, boolean lasts, List<HoldFactor> factors) {}

    /** One reason for it. */
    record HoldFactor(String words, double factor) {}

    /** One step of hooking. */
    record WorkView(
            int number,
            String stage,
            String row,
            List<String> stations,
            boolean isMarked,
            String words,
            Span minutes) {}

    /** One line of what goes with the plan besides braiding and hooking. */
    record NoteView(Note.Moment moment, String momentWords, String words) {}

    /** One hair that is hooked, with what to split beforehand and what to buy. */
    record HairUse(
            String name,
            String colour,
            double gramsPerLoop,
            int placedLoops,
            int reserveLoops,
            int shelfLoops,
            int packs,
            List<BoughtView> bought,
            int leftOverLoops,
            long costMinor,
            List<ShareCount> shares) {}

    /** Packs of one size. */
    record BoughtView(int loopsPerPack, long priceMinor, int count) {}

    /** What the client is asked for. */
    record QuoteView(long materialsMinor, long marginMinor, long chairMinor, long totalMinor, String currency) {}

    /**
     * A wearing part, numbered from the client's left; {@code index} is its place in the brief, from 0, and {@code channel}
     * tells by turns how far back, mm, and how wide, mm.
     */
    record Part(
            int number,
            int index,
            double lengthMm,
            double openMm,
            double narrowestMm,
            double meanMm,
            List<Double> channel,
            boolean isOpen,
            String leftRow,
            String rightRow,
            List<Double> path) {}

    /** The scalp between neighbouring front rows: how far a part could run there before what stops it, and how wide. */
    record Gap(
            String leftRow,
            String rightRow,
            double openMm,
            double narrowestMm,
            double meanMm,
            boolean readsAsSkin,
            @Nullable @Schema(nullable = true) String stoppedBy) {}

    /** Where a row's free end goes; {@code thread} is empty where it enters no row. */
    record TailView(
            String row,
            TailEnd end,
            String endWords,
            @Nullable @Schema(nullable = true) String into,
            double entryMm,
            double at,
            double bulk,
            Tail.Origin origin,
            List<Double> thread) {}

    /** One thing to do while braiding. */
    record Step(int number, BraidStep.Kind kind, List<String> rows, String words, double lengthMm, double minutes) {}

    /** How hard it is on oneself. */
    record SelfView(SelfWork.Grade grade, double strain, List<String> reasons) {}

    /** What an updo would show at its edge. */
    record Updo(
            Way way,
            String words,
            boolean works,
            double coveredMm,
            double rowsMm,
            double bareMm,
            List<String> rowsShowing,
            List<String> tailsShowing) {}

    /** Something the foundation takes besides loops. */
    record NeedView(String what, Span amount, String unit) {}

    /** The head seen from one side. */
    record View(
            String from, List<Double> rim, List<List<Double>> hairline, List<ViewRow> rows, List<Double> stations) {}

    /** What of a row is in sight. */
    record ViewRow(String id, double braidWidthMm, List<List<Double>> pieces) {}

    /** What it takes. */
    record Ledger(
            int stations,
            int placedLoops,
            int reserveLoops,
            int neededLoops,
            int shelfLoops,
            int packs,
            int loopsPerPack,
            int leftOverLoops,
            long costMinor,
            String currency,
            Span chairMinutes,
            List<StageView> stages,
            double rowLengthMm,
            double weightGrams,
            double greatestBulk,
            double heaviestShare,
            List<ZoneView> zones) {}

    /** Low, likely and high. */
    record Span(double low, double likely, double high) {}

    /** Minutes of one stage. */
    record StageView(String words, boolean isInChair, Span minutes) {}

    /** Shares of one size, the loops they take, the shares left over, and the step of hooking in which they are first used. */
    record ShareCount(int parts, String words, int shares, int loops, int leftOver, int firstStep) {}

    /** How a zone is hooked. */
    record ZoneView(
            Zone zone,
            String words,
            double spacingMm,
            double clearMm,
            int shareParts,
            String shareWords,
            int stations) {}

    /** Something to be said about the plan. */
    record FindingView(
            Finding.Code code,
            Severity severity,
            Finding.Place.Kind placeKind,
            String placeId,
            String reason,
            List<RemedyView> remedies) {}

    /** A change that mends a finding. */
    record RemedyView(String words, BriefBody brief) {}

    /** What may be asked. */
    record Limits(
            Range frontRows,
            Range backRows,
            Range levels,
            Range earLineBehindMm,
            Range earLineLeanMm,
            Range fullness,
            Range overlayMm,
            Range leaveOutMm,
            Range setBackMm,
            Range perimeterMm,
            Range individualCount,
            Range individualBaseMm,
            Range pitchMm,
            Range capEdgeMm,
            Range templeMm,
            Range peakPlaceMm,
            Range peakDropMm,
            Range weeks,
            Range chairMinutes,
            Range ownPacks,
            Range partStartMm,
            Range slantDeg,
            Range bowMm,
            Range moveMm,
            double readsAsSkinMm,
            Range closer,
            int mostShareParts,
            int mostPasses,
            Range reservePercent,
            Range marginPercent,
            Range pacePercent,
            Range stationMoveMm) {}

    /** Both ends included. */
    record Range(double min, double max) {}
}
