package gyrotaxis.server.bench;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RowEdit;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.foundation.TailEnd;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.quantity.Interval;
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
 */
public record FoundationBody(
        @Nullable @Schema(nullable = true) Integer frontRows,
        @Nullable @Schema(nullable = true) Integer backRows,
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

    /** An edit of one row. */
    public record EditBody(@Nullable String row, RowEdit.@Nullable Kind kind, double amount) {}

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
    static FoundationBody of(FoundationBrief f, @Nullable FoundationBody before) {
        int rows = FoundationBrief.rowsOf(f.back());
        Integer kept = before == null || before.backRows == null ? Math.min(5, f.frontRows()) : before.backRows;
        return new FoundationBody(
                f.frontRows(),
                rows > 0 ? Integer.valueOf(rows) : kept,
                f.earLineBehindMm(),
                f.earLineLeanMm(),
                f.parts().stream().map(PartBody::of).toList(),
                f.flanks(),
                BackBody.of(f.back(), before == null ? null : before.back),
                RimBody.of(f.rim()),
                f.overlaysMm(),
                f.meshesGaps(),
                f.feedsFibre(),
                f.edits().stream()
                        .map(e -> new EditBody(e.row().toString(), e.kind(), e.amount()))
                        .toList(),
                f.tails().stream()
                        .map(t -> new TailBody(
                                t.row().toString(),
                                t.end(),
                                t.into().map(RowId::toString).orElse(null),
                                t.at()))
                        .toList());
    }

    /** The foundation brief; after a problem, some stand-in. */
    FoundationBrief check(Fields f, String p) {
        int front = f.whole(p + "frontRows", "Rows in front", frontRows, FoundationBrief.FRONT_ROWS);
        BackBody asked = back == null ? BackBody.usual() : back;
        boolean usesRows = asked.family() == null
                || asked.family() == BackBody.Family.STRAIGHT
                || asked.family() == BackBody.Family.CAPPED;
        int behind = usesRows
                ? f.whole(p + "backRows", "Rows behind", backRows, new Interval(Back.FEWEST_ROWS, front))
                : Back.FEWEST_ROWS;
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
                FoundationBrief.MOST_PARTS,
                "parts leave rows between them",
                (b, at) -> Optional.of(b.check(f, at)));
        List<Double> overlays = all(
                f,
                p + "overlaysMm",
                overlaysMm,
                FoundationBrief.MOST_OVERLAYS,
                "overlay rows fit a head",
                (mm, at) -> Optional.of(f.lengthMm(at, "The overlay", mm, FoundationBrief.OVERLAY_MM)));
        List<RowEdit> checkedEdits = all(
                f,
                p + "edits",
                edits,
                FoundationBrief.MOST_EDITS,
                "changes to rows are kept",
                (e, at) -> edit(f, at, e));
        List<TailChoice> checkedTails =
                all(f, p + "tails", tails, FoundationBrief.MOST_TAILS, "tails are kept", (t, at) -> tail(f, at, t));
        return new FoundationBrief(
                front,
                asked.check(f, p + "back.", behind),
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

    private static Optional<RowEdit> edit(Fields f, String at, EditBody e) {
        Optional<RowId> row = row(f, at + ".row", e.row());
        RowEdit.Kind kind = f.present(at + ".kind", "What is done to the row", e.kind(), RowEdit.Kind.REVERSE);
        double amount = f.number(at + ".amount", "How much", e.amount(), kind.amounts());
        return row.map(r -> new RowEdit(r, kind, kind.amounts().clamp(amount)));
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
