package gyrotaxis.server.words;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.terms.Terms;

/** What may be asked: both ends of every figure. */
public record Limits(
        Limits.Range frontRows,
        Limits.Range levels,
        Limits.Range earLineBehindMm,
        Limits.Range earLineLeanMm,
        Limits.Range fullness,
        Limits.Range overlayMm,
        Limits.Range leaveOutMm,
        Limits.Range setBackMm,
        Limits.Range perimeterMm,
        Limits.Range singleCount,
        Limits.Range singleBaseMm,
        Limits.Range pitchMm,
        Limits.Range capEdgeMm,
        Limits.Range templeMm,
        Limits.Range peakPlaceMm,
        Limits.Range peakDropMm,
        Limits.Range weeks,
        Limits.Range chairMinutes,
        Limits.Range ownPacks,
        Limits.Range ageYears,
        Limits.Range partStartMm,
        Limits.Range slantDeg,
        Limits.Range bowMm,
        Limits.Range moveMm,
        Limits.Range closer,
        int mostShareParts,
        int mostPasses,
        int usefulPasses,
        Limits.Range tuftGrams,
        int mostOverlays,
        Limits.Range reservePercent,
        Limits.Range marginPercent,
        Limits.Range pacePercent,
        Limits.Range stationMoveMm) {
    /** Both ends included. */
    public record Range(double min, double max) {
        static Range of(Interval i) {
            return new Range(i.min(), i.max());
        }
    }

    static Limits all() {
        return new Limits(
                Range.of(FoundationBrief.FRONT_ROWS),
                Range.of(Back.LEVELS),
                Range.of(FoundationBrief.EAR_LINE_MM),
                Range.of(FoundationBrief.LEAN_MM),
                Range.of(HookingPlan.FULLNESS),
                Range.of(FoundationBrief.OVERLAY_MM),
                Range.of(RimBrief.LEAVE_OUT_MM),
                Range.of(RimBrief.SET_BACK_MM),
                Range.of(RimBrief.PERIMETER_MM),
                Range.of(RimBrief.Run.COUNT),
                Range.of(RimBrief.Individuals.BASE_MM),
                Range.of(Back.PITCH_MM),
                Range.of(Back.CAP_EDGE_MM),
                Range.of(HairlineShape.TEMPLE_MM),
                Range.of(HairlineShape.PEAK_PLACE_MM),
                Range.of(HairlineShape.PEAK_DROP_MM),
                Range.of(Consultation.WEEKS),
                Range.of(Consultation.CHAIR_MINUTES),
                Range.of(Consultation.OWN_PACKS),
                Range.of(Consultation.AGE_YEARS),
                Range.of(WearingPart.START_MM),
                new Range(
                        Math.rint(Math.toDegrees(WearingPart.SLANT_RAD.min())),
                        Math.rint(Math.toDegrees(WearingPart.SLANT_RAD.max()))),
                Range.of(WearingPart.BOW_MM),
                Range.of(RowEdit.Move.MM),
                Range.of(ZoneWish.CLOSER),
                Share.MAX_PARTS,
                Tie.MAX_PASSES,
                Tie.USEFUL_PASSES,
                Range.of(HairLine.GRAMS),
                FoundationBrief.MAX_OVERLAYS,
                Range.of(Terms.RESERVE_PERCENT),
                Range.of(Terms.MARGIN_PERCENT),
                Range.of(Terms.PACE_PERCENT),
                Range.of(StationEdit.Move.MM));
    }
}
