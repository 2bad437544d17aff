package gyrotaxis.server.language;

import gyrotaxis.core.chair.Adjustment;
import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.Verdict;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.scalp.ScalpCondition;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.StockItem.Grade;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What happened at the chair, as it is written down; only what its {@code kind} asks for is read.
 *
 * @param shares references of shares of the sheet: those hooked, taken out, slipped or left out, or the first of those changed
 * @param otherShares of an adjustment those that are hooked otherwise
 * @param shareParts into how many a loop is split
 * @param supply which hair, by its place among the supplies of the sheet
 * @param loops how many were counted; of another line, how many a bundle of it has
 * @param text lot, note, what showed, line, the name that stands for a caution, or the name of a picture
 * @param lineId the line of the shelf that is taken in the place of another; left out if the shelf does not have it
 * @param at how far along the row, as a part of its length
 * @param towardRad which way a fill is thrown; left out if it is hooked as it falls
 * @param otherRow the row with the knot beyond a gap that a fill is hooked through too; left out if it draws nothing shut
 * @param otherAt how far along that, as {@code at}
 * @param part which wearing part was tried, from 0; left out for a way without one
 * @param step by its number in the sheet
 * @param undoes the event that is taken back
 * @param grade in which state loops are kept
 * @param skin what was seen on it
 * @param verdicts what is to be otherwise next time
 */
public record VisitEventBody(
        @Nullable Kind kind,
        @Nullable @Schema(nullable = true) Stage stage,
        @Nullable @Schema(nullable = true) List<Integer> shares,
        @Nullable @Schema(nullable = true) List<Integer> otherShares,
        @Nullable @Schema(nullable = true) Knot knot,
        @Nullable @Schema(nullable = true) Integer passes,
        @Nullable @Schema(nullable = true) Integer shareParts,
        @Nullable @Schema(nullable = true) Integer supply,
        @Nullable @Schema(nullable = true) Integer packs,
        @Nullable @Schema(nullable = true) Double loops,
        @Nullable @Schema(nullable = true) String text,
        @Nullable @Schema(nullable = true) UUID lineId,
        @Nullable @Schema(nullable = true) String colour,
        @Nullable @Schema(nullable = true) String row,
        @Nullable @Schema(nullable = true) Double at,
        @Nullable @Schema(nullable = true) Double towardRad,
        @Nullable @Schema(nullable = true) String otherRow,
        @Nullable @Schema(nullable = true) Double otherAt,
        @Nullable @Schema(nullable = true) Way way,
        @Nullable @Schema(nullable = true) Integer part,
        @Nullable @Schema(nullable = true) Integer step,
        @Nullable @Schema(nullable = true) Adjustment adjustment,
        @Nullable @Schema(nullable = true) EventName undoes,
        @Nullable @Schema(nullable = true) Grade grade,
        @Nullable @Schema(nullable = true) List<ScalpCondition> skin,
        @Nullable @Schema(nullable = true) List<Verdict> verdicts) {

    /** What can happen. */
    public enum Kind {
        STAGE_BEGUN,
        STAGE_PAUSED,
        STAGE_RESUMED,
        STAGE_ENDED,
        STEP_DONE,
        SHARES_HOOKED,
        SHARE_TAKEN_OUT,
        SHARE_SLIPPED,
        FROM_HERE_ON,
        BUNDLE_OPENED,
        REST_COUNTED,
        ROW_KEPT,
        ROW_RELEASED,
        TRIED,
        FILL_PLACED,
        ADJUSTED,
        REPLACED,
        NOTED,
        PICTURED,
        CAUTION_SIGNED,
        UNDONE,
        FINISHED,
        REOPENED,
        TAIL_FOUND,
        ROW_UNDONE,
        LOOPS_KEPT,
        OWN_HAIR_CUT,
        SKIN_SEEN,
        JUDGED,
        TAKEN_DOWN
    }

    /** Names an event: which device made it, and the how manyth of its own it was. */
    public record EventName(String device, long count) {
        EventId id() {
            return new EventId(device, count);
        }
    }

    private static final VisitEventBody NONE = new VisitEventBody(
            null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
            null, null, null, null, null, null, null, null);

    /**
     * What happened.
     *
     * @throws IllegalArgumentException with what is missing or cannot be
     */
    public VisitEvent event() {
        return switch (need(kind, "kind")) {
            case STAGE_BEGUN -> new VisitEvent.StageBegun(need(stage, "stage"));
            case STAGE_PAUSED -> new VisitEvent.StagePaused(need(stage, "stage"));
            case STAGE_RESUMED -> new VisitEvent.StageResumed(need(stage, "stage"));
            case STAGE_ENDED -> new VisitEvent.StageEnded(need(stage, "stage"));
            case STEP_DONE -> new VisitEvent.StepDone(need(step, "step"));
            case SHARES_HOOKED -> new VisitEvent.SharesHooked(refs(need(shares, "shares")));
            case SHARE_TAKEN_OUT -> new VisitEvent.ShareTakenOut(first());
            case SHARE_SLIPPED -> new VisitEvent.ShareSlipped(first());
            case FROM_HERE_ON ->
                new VisitEvent.FromHereOn(first(), Optional.ofNullable(knot), optional(passes), share());
            case BUNDLE_OPENED -> new VisitEvent.BundleOpened(need(supply, "supply"), said(), wholeLoops());
            case REST_COUNTED -> new VisitEvent.RestCounted(need(supply, "supply"), need(loops, "loops"));
            case ROW_KEPT -> new VisitEvent.RowKept(rowId(need(row, "row")));
            case ROW_RELEASED -> new VisitEvent.RowReleased(rowId(need(row, "row")));
            case TRIED -> new VisitEvent.Tried(worn(), said());
            case FILL_PLACED ->
                new VisitEvent.FillPlaced(
                        rowId(need(row, "row")),
                        need(at, "at"),
                        new Share(need(shareParts, "shareParts")),
                        need(supply, "supply"),
                        towardRad == null ? OptionalDouble.empty() : OptionalDouble.of(towardRad),
                        otherRow == null
                                ? Optional.empty()
                                : Optional.of(new VisitEvent.KnotBeyond(rowId(otherRow), need(otherAt, "otherAt"))));
            case ADJUSTED -> adjusted();
            case REPLACED ->
                new VisitEvent.Replaced(
                        need(supply, "supply"),
                        Optional.ofNullable(lineId).map(LineId::new),
                        said(),
                        colour == null ? "" : colour,
                        wholeLoops());
            case NOTED -> new VisitEvent.Noted(said());
            case PICTURED -> new VisitEvent.Pictured(said());
            case CAUTION_SIGNED -> new VisitEvent.CautionSigned(need(step, "step"), said());
            case UNDONE -> new VisitEvent.Undone(need(undoes, "undoes").id());
            case FINISHED -> new VisitEvent.Finished();
            case REOPENED -> new VisitEvent.Reopened();
            case TAIL_FOUND -> new VisitEvent.TailFound(rowId(need(row, "row")));
            case ROW_UNDONE -> new VisitEvent.RowUndone(rowId(need(row, "row")));
            case LOOPS_KEPT ->
                new VisitEvent.LoopsKept(need(supply, "supply"), need(loops, "loops"), need(grade, "grade"));
            case OWN_HAIR_CUT -> new VisitEvent.OwnHairCut(said());
            case SKIN_SEEN -> new VisitEvent.SkinSeen(Set.copyOf(skin == null ? List.of() : skin), said());
            case JUDGED -> new VisitEvent.Judged(Set.copyOf(verdicts == null ? List.of() : verdicts), said());
            case TAKEN_DOWN -> new VisitEvent.TakenDown();
        };
    }

    private VisitEvent adjusted() {
        return new VisitEvent.Adjusted(
                need(adjustment, "adjustment"),
                refs(shares == null ? List.of() : shares),
                refs(otherShares == null ? List.of() : otherShares),
                share(),
                optional(supply),
                packs == null ? 0 : packs);
    }

    private Worn worn() {
        return part == null ? Worn.as(need(way, "way")) : Worn.parted(part);
    }

    private static RowId rowId(String given) {
        return RowId.parse(given)
                .orElseThrow(() -> new IllegalArgumentException("row is \"" + given + "\", which names none"));
    }

    private ShareRef first() {
        List<ShareRef> all = refs(need(shares, "shares"));
        if (all.isEmpty()) {
            throw new IllegalArgumentException("shares is empty but must name one");
        }
        return all.get(0);
    }

    private Optional<Share> share() {
        return Optional.ofNullable(shareParts).map(Share::new);
    }

    private String said() {
        return text == null ? "" : text;
    }

    private OptionalInt wholeLoops() {
        if (loops == null) {
            return OptionalInt.empty();
        }
        if (loops != Math.rint(loops)) {
            throw new IllegalArgumentException("loops is " + loops + " but a bundle holds whole ones");
        }
        return OptionalInt.of((int) (double) loops);
    }

    private static OptionalInt optional(@Nullable Integer n) {
        return n == null ? OptionalInt.empty() : OptionalInt.of(n);
    }

    private static List<ShareRef> refs(List<Integer> numbers) {
        return numbers.stream().map(ShareRef::new).toList();
    }

    private static <T> T need(@Nullable T value, String name) {
        if (value == null) {
            throw new IllegalArgumentException(name + " is missing");
        }
        return value;
    }

    /** An adjustment, to be taken as it is. */
    public static VisitEventBody of(VisitEvent.Adjusted a) {
        return new VisitEventBody(
                Kind.ADJUSTED,
                null,
                a.leftOut().stream().map(ShareRef::number).toList(),
                a.otherwise().stream().map(ShareRef::number).toList(),
                null,
                null,
                a.share().map(Share::parts).orElse(null),
                a.supply().isPresent() ? a.supply().getAsInt() : null,
                a.packs(),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                a.kind(),
                null,
                null,
                null,
                null);
    }

    /** That shares are hooked. */
    public static VisitEventBody hooked(List<Integer> shares) {
        return NONE.with(Kind.SHARES_HOOKED, null, shares, null, null, null, null);
    }

    /** That something happened to a stage. */
    public static VisitEventBody stage(Kind kind, Stage stage) {
        return NONE.with(kind, stage, null, null, null, null, null);
    }

    /** That a step is done, or its cautions are signed by somebody. */
    public static VisitEventBody step(Kind kind, int step, @Nullable String by) {
        return NONE.with(kind, null, null, step, null, null, by);
    }

    /** That something was counted of a supply. */
    public static VisitEventBody counted(Kind kind, int supply, @Nullable Double loops, @Nullable String lot) {
        return NONE.with(kind, null, null, null, supply, loops, lot);
    }

    /** That a fill is put in. */
    public static VisitEventBody of(VisitEvent.FillPlaced f) {
        return new VisitEventBody(
                Kind.FILL_PLACED,
                null,
                null,
                null,
                null,
                null,
                f.share().parts(),
                f.supply(),
                null,
                null,
                null,
                null,
                null,
                f.row().toString(),
                f.at(),
                f.towardRad().isPresent() ? f.towardRad().getAsDouble() : null,
                f.beyond().map(k -> k.row().toString()).orElse(null),
                f.beyond().map(VisitEvent.KnotBeyond::at).orElse(null),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** That a share slid out. */
    public static VisitEventBody slipped(int share) {
        return NONE.with(Kind.SHARE_SLIPPED, null, List.of(share), null, null, null, null);
    }

    /** That something happened to a row. */
    public static VisitEventBody row(Kind kind, String row) {
        return NONE.with(kind, null, null, null, null, null, null).of(row, null, null, null);
    }

    /** That loops were washed and kept. */
    public static VisitEventBody kept(int supply, double loops, Grade grade) {
        return NONE.with(Kind.LOOPS_KEPT, null, null, null, supply, loops, null).of(null, grade, null, null);
    }

    /** What the skin looked like. */
    public static VisitEventBody skin(List<ScalpCondition> seen, String words) {
        return NONE.with(Kind.SKIN_SEEN, null, null, null, null, null, words).of(null, null, seen, null);
    }

    /** What is to be otherwise next time. */
    public static VisitEventBody judged(List<Verdict> changes, String words) {
        return NONE.with(Kind.JUDGED, null, null, null, null, null, words).of(null, null, null, changes);
    }

    private VisitEventBody of(
            @Nullable String ofRow,
            @Nullable Grade ofGrade,
            @Nullable List<ScalpCondition> ofSkin,
            @Nullable List<Verdict> ofVerdicts) {
        return new VisitEventBody(
                kind,
                stage,
                shares,
                otherShares,
                knot,
                passes,
                shareParts,
                supply,
                packs,
                loops,
                text,
                lineId,
                colour,
                ofRow,
                at,
                towardRad,
                otherRow,
                otherAt,
                way,
                part,
                step,
                adjustment,
                undoes,
                ofGrade,
                ofSkin,
                ofVerdicts);
    }

    /** That something was said, or needs no words. */
    public static VisitEventBody said(Kind kind, @Nullable String text) {
        return NONE.with(kind, null, null, null, null, null, text);
    }

    private VisitEventBody with(
            Kind otherKind,
            @Nullable Stage otherStage,
            @Nullable List<Integer> otherRefs,
            @Nullable Integer otherStep,
            @Nullable Integer otherSupply,
            @Nullable Double otherLoops,
            @Nullable String otherText) {
        return new VisitEventBody(
                otherKind,
                otherStage,
                otherRefs,
                otherShares,
                knot,
                passes,
                shareParts,
                otherSupply,
                packs,
                otherLoops,
                otherText,
                lineId,
                colour,
                row,
                at,
                towardRad,
                otherRow,
                otherAt,
                way,
                part,
                otherStep,
                adjustment,
                undoes,
                grade,
                skin,
                verdicts);
    }
}
