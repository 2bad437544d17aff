package gyrotaxis.server.language;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Family;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * How the rows are to be laid. What an older brief does not say is filled in as it was then: straight rows with nothing
 * special to them.
 *
 * @param backRows rows behind, for the families that have them
 * @param joins how many front rows join each of them, from the client's left; empty if as usual
 */
public record FoundationBody(
        @Nullable @Schema(nullable = true) Integer frontRows,
        @Nullable @Schema(nullable = true) Integer backRows,
        @Nullable List<Integer> joins,
        @Nullable @Schema(nullable = true) Double earLineBehindMm,
        @Nullable @Schema(nullable = true) Double earLineLeanMm,
        @Nullable List<PartBody> parts,
        @Nullable FlankSchool flanks,
        @Nullable @Schema(nullable = true) BackBody back,
        @Nullable @Schema(nullable = true) RimBody rim,
        @Nullable List<Double> overlaysMm,
        @Nullable @Schema(nullable = true) Boolean meshesGaps,
        @Nullable @Schema(nullable = true) Boolean feedsFibre,
        @Nullable List<EditBody> edits,
        @Nullable List<TailBody> tails) {

    /** Rows only ever join: of more rows behind than there are in front, as many are braided as there are in front. */
    private static final Interval BACK_ROWS = new Interval(Back.MIN_ROWS, FoundationBrief.FRONT_ROWS.max());

    private static final Interval JOINING = new Interval(0, FoundationBrief.FRONT_ROWS.max());

    /** What can be done to a row. */
    public enum EditKind {
        MOVE,
        RESIZE,
        REVERSE,
        SPLIT,
        JOIN_NEXT,
        END_EARLIER,
        LEAVE_OUT
    }

    /**
     * An edit of one row; of its figures only the one that {@code kind} asks for is read.
     *
     * @param moveMm how far it is moved, mm
     * @param factor how much wider its strip is made
     * @param endsAt after which part of its length it ends
     */
    public record EditBody(
            @Nullable String row,
            @Nullable EditKind kind,
            @Nullable @Schema(nullable = true) Double moveMm,
            @Nullable @Schema(nullable = true) Double factor,
            @Nullable @Schema(nullable = true) Double endsAt) {

        static EditBody of(RowEdit e) {
            String row = e.row().toString();
            if (e instanceof RowEdit.Move move) {
                return new EditBody(row, EditKind.MOVE, move.mm(), null, null);
            }
            if (e instanceof RowEdit.Resize resize) {
                return new EditBody(row, EditKind.RESIZE, null, resize.factor(), null);
            }
            if (e instanceof RowEdit.EndEarlier end) {
                return new EditBody(row, EditKind.END_EARLIER, null, null, end.at());
            }
            EditKind kind = e instanceof RowEdit.Reverse
                    ? EditKind.REVERSE
                    : e instanceof RowEdit.Split
                            ? EditKind.SPLIT
                            : e instanceof RowEdit.LeaveOut ? EditKind.LEAVE_OUT : EditKind.JOIN_NEXT;
            return new EditBody(row, kind, null, null, null);
        }

        private Optional<RowEdit> check(Fields f, String at) {
            EditKind asked = f.present(at + ".kind", "What is done to the row", kind, EditKind.REVERSE);
            Optional<RowId> id = FoundationBody.row(f, at + ".row", row);
            return switch (asked) {
                case MOVE -> {
                    double mm = f.lengthMm(at + ".moveMm", "How far it is moved", moveMm, RowEdit.Move.MM);
                    yield id.map(r -> new RowEdit.Move(r, mm));
                }
                case RESIZE -> {
                    double wider = f.number(at + ".factor", "How much wider it is", factor, RowEdit.Resize.FACTOR);
                    yield id.map(r -> new RowEdit.Resize(r, wider));
                }
                case END_EARLIER -> {
                    double end = f.number(at + ".endsAt", "Where it ends", endsAt, RowEdit.EndEarlier.AT);
                    yield id.map(r -> new RowEdit.EndEarlier(r, end));
                }
                case REVERSE -> id.map(RowEdit.Reverse::new);
                case SPLIT -> id.map(RowEdit.Split::new);
                case JOIN_NEXT -> id.map(RowEdit.JoinNext::new);
                case LEAVE_OUT -> id.map(RowEdit.LeaveOut::new);
            };
        }
    }

    /** A tail sent somewhere by choice. */
    public record TailBody(
            @Nullable String row,
            @Nullable TailEnd end,
            @Nullable @Schema(nullable = true) String into,
            double at) {}

    /** Rows without wearing parts. */
    public static FoundationBody plain(int frontRows, int backRows, double earLineBehindMm) {
        return of(FoundationBrief.of(frontRows, backRows, earLineBehindMm), null);
    }

    /** What is written down for a foundation; what it has no use for stays as it was written down before. */
    public static FoundationBody of(FoundationBrief f, @Nullable FoundationBody before) {
        int rows = FoundationBrief.rowsOf(f.back());
        Integer kept = before == null || before.backRows == null ? Math.min(5, f.frontRows()) : before.backRows;
        return new FoundationBody(
                f.frontRows(),
                rows > 0 ? Integer.valueOf(rows) : kept,
                f.joins(),
                f.earLineBehindMm(),
                f.earLineLeanMm(),
                f.parts().stream().map(PartBody::of).toList(),
                f.flanks(),
                BackBody.of(f.back(), before == null ? null : before.back),
                RimBody.of(f.rim()),
                f.overlaysMm(),
                f.meshesGaps(),
                f.feedsFibre(),
                f.edits().stream().map(EditBody::of).toList(),
                f.tails().stream()
                        .map(t -> new TailBody(
                                t.row().toString(),
                                t.end(),
                                t.into().map(RowId::toString).orElse(null),
                                t.at()))
                        .toList());
    }

    /** The foundation brief; after a problem, some stand-in. */
    public FoundationBrief check(Fields f, String p) {
        int front = f.whole(p + "frontRows", "Rows in front", frontRows, FoundationBrief.FRONT_ROWS);
        BackBody asked = back == null ? BackBody.usual() : back;
        boolean usesRows = asked.family() == null || asked.family().hasRowsBehind();
        int behind =
                usesRows ? Math.min(front, f.whole(p + "backRows", "Rows behind", backRows, BACK_ROWS)) : Back.MIN_ROWS;
        double earLine =
                f.lengthMm(p + "earLineBehindMm", "The ear line", earLineBehindMm, FoundationBrief.EAR_LINE_MM);
        double lean = earLineLeanMm == null
                ? 0
                : f.lengthMm(
                        p + "earLineLeanMm", "How far the ear line leans back", earLineLeanMm, FoundationBrief.LEAN_MM);
        List<WearingPart> checkedParts = all(
                f,
                p + "parts",
                parts,
                FoundationBrief.MAX_PARTS,
                "parts leave rows between them",
                (b, at) -> Optional.of(b.check(f, at)));
        List<Double> overlays = all(
                f,
                p + "overlaysMm",
                overlaysMm,
                FoundationBrief.MAX_OVERLAYS,
                "overlay rows fit a head",
                (mm, at) -> Optional.of(f.lengthMm(at, "The overlay", mm, FoundationBrief.OVERLAY_MM)));
        List<RowEdit> checkedEdits = all(
                f,
                p + "edits",
                edits,
                FoundationBrief.MAX_EDITS,
                "changes to rows are kept",
                (e, at) -> e.check(f, at));
        List<TailChoice> checkedTails =
                all(f, p + "tails", tails, FoundationBrief.MAX_TAILS, "tails are kept", (t, at) -> tail(f, at, t));
        List<Integer> checkedJoins = all(
                f,
                p + "joins",
                joins,
                (int) FoundationBrief.FRONT_ROWS.max(),
                "rows behind can be joined",
                (n, at) -> Optional.of(f.whole(at, "Front rows that join a row behind", n, JOINING)));
        return new FoundationBrief(
                front,
                asked.check(f, p + "back.", behind),
                checkedJoins,
                earLine,
                lean,
                checkedParts,
                flanks == null ? FlankSchool.FINE_ROWS : flanks,
                rim == null ? RimBrief.plain() : rim.check(f, p + "rim."),
                overlays.stream().sorted().toList(),
                Boolean.TRUE.equals(meshesGaps),
                Boolean.TRUE.equals(feedsFibre),
                checkedEdits,
                checkedTails);
    }

    /** The same with its back braided after another family. */
    public FoundationBody as(Family family) {
        return new FoundationBody(
                frontRows,
                backRows,
                joins,
                earLineBehindMm,
                earLineLeanMm,
                parts,
                flanks,
                Fields.or(back, BackBody.usual()).as(family),
                rim,
                overlaysMm,
                meshesGaps,
                feedsFibre,
                edits,
                tails);
    }

    /** The same with whatever it does not say as usual. */
    public FoundationBody completed() {
        return new FoundationBody(
                frontRows,
                backRows,
                Fields.or(joins, List.of()),
                earLineBehindMm,
                Fields.or(earLineLeanMm, 0.0),
                Fields.or(parts, List.of()),
                Fields.or(flanks, FlankSchool.FINE_ROWS),
                Fields.or(back, BackBody.usual()).completed(),
                Fields.or(rim, RimBody.usual()).completed(),
                Fields.or(overlaysMm, List.of()),
                Fields.or(meshesGaps, false),
                Fields.or(feedsFibre, false),
                Fields.or(edits, List.of()),
                Fields.or(tails, List.of()));
    }

    private static <B, T> List<T> all(
            Fields f,
            String field,
            @Nullable List<B> given,
            int most,
            String why,
            BiFunction<B, String, Optional<T>> check) {
        List<B> list = given == null ? List.of() : given;
        if (list.size() > most) {
            f.problem(field, "At most " + most + " " + why + ".");
            return List.of();
        }
        List<T> checked = new ArrayList<>();
        IntStream.range(0, list.size())
                .forEach(i -> check.apply(list.get(i), field + "[" + i + "]").ifPresent(checked::add));
        return checked;
    }

    private static Optional<TailChoice> tail(Fields f, String at, TailBody t) {
        Optional<RowId> row = row(f, at + ".row", t.row());
        TailEnd end = f.present(at + ".end", "How the tail ends", t.end(), TailEnd.STITCHED);
        Optional<RowId> into = t.into() == null ? Optional.empty() : row(f, at + ".into", t.into());
        if (into.isPresent() != end.entersRow()) {
            f.problem(
                    at + ".into",
                    end.entersRow() ? "Choose the row that takes this tail." : "This tail enters no row.");
            return Optional.empty();
        }
        double place = f.number(at + ".at", "Where the tail enters", t.at(), new Interval(0, 1));
        return row.map(r -> new TailChoice(r, end, into, place));
    }

    private static Optional<RowId> row(Fields f, String field, @Nullable String text) {
        Optional<RowId> id = text == null ? Optional.empty() : RowId.parse(text);
        if (id.isEmpty()) {
            f.problem(field, "No row is called \"" + text + "\".");
        }
        return id;
    }
}
