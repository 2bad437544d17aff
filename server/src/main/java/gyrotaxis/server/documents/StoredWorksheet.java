package gyrotaxis.server.documents;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.Side;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** A worksheet as it is kept and shown. Points are flat lists x, y, x, y, … in mm on the map. */
public record StoredWorksheet(
        List<SupplyForm> supplies,
        List<Double> outline,
        List<RowForm> rows,
        List<ShareForm> shares,
        List<StepForm> steps,
        List<TailForm> tails,
        List<String> takedown) {

    /** Hair that is worked with. */
    public record SupplyForm(
            StoredHair hair,
            String colour,
            int placedLoops,
            int reserveLoops,
            int shelfLoops,
            int packsToBuy,
            int boughtLoops,
            @Nullable @Schema(nullable = true) Integer cutFrom) {}

    /** A row. */
    public record RowForm(
            String id, String words, Side side, List<Double> chart, double braidWidthMm, double lengthMm) {}

    /** A share to be hooked; {@code ref} names it inside the sheet. */
    public record ShareForm(
            int ref,
            String row,
            double at,
            double x,
            double y,
            double towardX,
            double towardY,
            Zone zone,
            Side side,
            int shareParts,
            int supply,
            @Nullable @Schema(nullable = true) Integer blend,
            Knot knot,
            int passes,
            double legPart,
            boolean isDeepSet,
            Set<ExtraHold> holds,
            String hookWords,
            boolean isForPart) {}

    /** One thing to do. */
    public record StepForm(
            int number,
            Stage stage,
            List<String> rows,
            List<Integer> shares,
            List<Piece> words,
            double minutesLow,
            double minutesLikely,
            double minutesHigh,
            double loops,
            List<String> cautions) {}

    /** A tail to be found before anything is cut. */
    public record TailForm(
            String row,
            TailEnd end,
            @Nullable @Schema(nullable = true) String into,
            List<Piece> place) {}

    /** A sheet as it is written down. */
    public static StoredWorksheet of(WorkSheet s) {
        return new StoredWorksheet(
                s.supplies().stream()
                        .map(p -> new SupplyForm(
                                StoredHair.of(p.line()),
                                p.colour(),
                                p.placedLoops(),
                                p.reserveLoops(),
                                p.shelfLoops(),
                                p.packsToBuy(),
                                p.boughtLoops(),
                                boxed(p.cutFrom())))
                        .toList(),
                flat(s.outline()),
                s.rows().stream()
                        .map(r -> new RowForm(
                                r.id().toString(),
                                r.words(),
                                r.side(),
                                flat(r.chart()),
                                r.braidWidthMm(),
                                r.lengthMm()))
                        .toList(),
                s.shares().stream().map(StoredWorksheet::share).toList(),
                s.steps().stream().map(StoredWorksheet::step).toList(),
                s.tails().stream()
                        .map(t -> new TailForm(
                                t.row().toString(),
                                t.end(),
                                t.into() == null ? null : t.into().toString(),
                                Piece.of(t.place())))
                        .toList(),
                s.takedown().stream().map(RowId::toString).toList());
    }

    private static ShareForm share(WorkSheet.SheetShare s) {
        return new ShareForm(
                s.ref().number(),
                s.row().toString(),
                s.at(),
                s.chart().x(),
                s.chart().y(),
                s.toward().x(),
                s.toward().y(),
                s.zone(),
                s.side(),
                s.share().parts(),
                s.supply(),
                boxed(s.blend()),
                s.tie().knot(),
                s.tie().passes(),
                s.tie().legPart(),
                s.tie().isDeepSet(),
                s.tie().holds(),
                s.hookWords(),
                s.isForPart());
    }

    private static StepForm step(WorkSheet.Step s) {
        return new StepForm(
                s.number(),
                s.stage(),
                s.rows().stream().map(RowId::toString).toList(),
                s.shares().stream().map(WorkSheet.ShareRef::number).toList(),
                Piece.of(s.words()),
                s.minutes().low(),
                s.minutes().likely(),
                s.minutes().high(),
                s.loops(),
                s.cautions());
    }

    /** The sheet that was kept. */
    public WorkSheet sheet() {
        return new WorkSheet(
                supplies.stream()
                        .map(p -> new WorkSheet.Supply(
                                p.hair().line(),
                                p.colour(),
                                p.placedLoops(),
                                p.reserveLoops(),
                                p.shelfLoops(),
                                p.packsToBuy(),
                                p.boughtLoops(),
                                optional(p.cutFrom())))
                        .toList(),
                points(outline),
                rows.stream()
                        .map(r -> new WorkSheet.SheetRow(
                                row(r.id()), r.words(), r.side(), points(r.chart()), r.braidWidthMm(), r.lengthMm()))
                        .toList(),
                shares.stream().map(StoredWorksheet::sheetShare).toList(),
                steps.stream().map(StoredWorksheet::sheetStep).toList(),
                tails.stream()
                        .map(t -> new WorkSheet.SheetTail(
                                row(t.row()), t.end(), t.into() == null ? null : row(t.into()), sentence(t.place())))
                        .toList(),
                takedown.stream().map(StoredWorksheet::row).toList());
    }

    private static WorkSheet.SheetShare sheetShare(ShareForm s) {
        return new WorkSheet.SheetShare(
                new WorkSheet.ShareRef(s.ref()),
                row(s.row()),
                s.at(),
                new Vec2(s.x(), s.y()),
                new Vec2(s.towardX(), s.towardY()),
                s.zone(),
                s.side(),
                new Share(s.shareParts()),
                s.supply(),
                optional(s.blend()),
                new Tie(s.knot(), s.passes(), s.legPart(), s.isDeepSet(), s.holds()),
                s.hookWords(),
                s.isForPart());
    }

    private static WorkSheet.Step sheetStep(StepForm s) {
        return new WorkSheet.Step(
                s.number(),
                s.stage(),
                s.rows().stream().map(StoredWorksheet::row).toList(),
                s.shares().stream().map(WorkSheet.ShareRef::new).toList(),
                sentence(s.words()),
                new Estimate(s.minutesLow(), s.minutesLikely(), s.minutesHigh()),
                s.loops(),
                s.cautions());
    }

    private static @Nullable Integer boxed(OptionalInt n) {
        return n.isPresent() ? n.getAsInt() : null;
    }

    private static OptionalInt optional(@Nullable Integer n) {
        return n == null ? OptionalInt.empty() : OptionalInt.of(n);
    }

    private static RowId row(String id) {
        return RowId.parse(id).orElseThrow(() -> new IllegalArgumentException("no row can be called " + id));
    }

    private static Sentence sentence(List<Piece> pieces) {
        return Sentence.of(pieces.stream()
                .map(p -> p.kind() == null || p.value() == null
                        ? (Object) String.valueOf(p.text())
                        : new Quantity(p.kind(), p.value()))
                .toArray());
    }

    private static List<Double> flat(List<Vec2> points) {
        return points.stream().flatMap(p -> List.of(p.x(), p.y()).stream()).toList();
    }

    private static List<Vec2> points(List<Double> flat) {
        return IntStream.range(0, flat.size() / 2)
                .mapToObj(i -> new Vec2(flat.get(2 * i), flat.get(2 * i + 1)))
                .toList();
    }
}
