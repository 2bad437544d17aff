package gyrotaxis.server.language;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.row.RowId;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A change to one share by hand, as it is written down; of its figures only the one that {@code kind} asks for is read.
 *
 * @param at how far along the row, as a part of its length
 * @param shareParts into how many a loop is split
 * @param moveMm how far it is moved along the row, mm
 * @param legPercent how much of a single leg goes through, per cent
 * @param towardDeg which way a share that is added is thrown, on the map, from straight to the face round by her right, degrees;
 *     left out if it is hooked as it falls
 * @param otherRow the row of the knot beyond a gap that is drawn shut
 * @param otherAt how far along that row the knot is, as a part of its length
 */
public record StationEditBody(
        @Nullable String row,
        @Nullable @Schema(nullable = true) Double at,
        @Nullable Kind kind,
        @Nullable @Schema(nullable = true) Integer shareParts,
        @Nullable @Schema(nullable = true) Double moveMm,
        @Nullable @Schema(nullable = true) Knot knot,
        @Nullable @Schema(nullable = true) Integer passes,
        @Nullable @Schema(nullable = true) ExtraHold hold,
        @Nullable @Schema(nullable = true) Integer legPercent,
        @Nullable @Schema(nullable = true) Double towardDeg,
        @Nullable @Schema(nullable = true) String otherRow,
        @Nullable @Schema(nullable = true) Double otherAt) {
    private static final double ALL_PERCENT = 100;
    private static final Interval TURN = new Interval(-180, 180);
    private static final Interval ALONG = new Interval(0, 1);
    private static final Interval SPLIT = new Interval(1, Share.MAX_PARTS);
    private static final Interval PASSES = new Interval(1, Tie.MAX_PASSES);
    private static final Interval LEG = new Interval(
            Math.round(Tie.SINGLE_LEG.min() * ALL_PERCENT), Math.round(Tie.SINGLE_LEG.max() * ALL_PERCENT));

    /** What can be done to a share. */
    public enum Kind {
        ADD,
        REMOVE,
        MOVE,
        SHARE,
        KNOT,
        PASSES,
        HOLD,
        LEG,
        /** Draws a gap shut, with the knot on the other row. */
        SHUT
    }

    static StationEditBody of(StationEdit e) {
        StationEditBody b = new StationEditBody(
                e.row().toString(), e.at(), Kind.REMOVE, null, null, null, null, null, null, null, null, null);
        if (e instanceof StationEdit.Add add) {
            Double toward =
                    add.towardRad().isPresent() ? Math.toDegrees(add.towardRad().getAsDouble()) : null;
            return b.share(Kind.ADD, add.share().parts(), toward, null, null);
        }
        if (e instanceof StationEdit.DrawShut shut) {
            return b.share(
                    Kind.SHUT, shut.share().parts(), null, shut.otherRow().toString(), shut.otherAt());
        }
        if (e instanceof StationEdit.Resize resize) {
            return b.share(Kind.SHARE, resize.share().parts(), null, null, null);
        }
        if (e instanceof StationEdit.Move move) {
            return b.figures(Kind.MOVE, move.mm(), null, null);
        }
        if (e instanceof StationEdit.Retie retie) {
            return b.tied(Kind.KNOT, retie.knot(), null);
        }
        if (e instanceof StationEdit.Pass pass) {
            return b.figures(Kind.PASSES, null, pass.passes(), null);
        }
        if (e instanceof StationEdit.Hold more) {
            return b.tied(Kind.HOLD, null, more.hold());
        }
        if (e instanceof StationEdit.PartLeg leg) {
            return b.figures(Kind.LEG, null, null, (int) Math.round(leg.part() * ALL_PERCENT));
        }
        return b;
    }

    private StationEditBody share(
            Kind other, int parts, @Nullable Double toward, @Nullable String beyond, @Nullable Double beyondAt) {
        return new StationEditBody(row, at, other, parts, null, null, null, null, null, toward, beyond, beyondAt);
    }

    private StationEditBody figures(
            Kind other, @Nullable Double mm, @Nullable Integer times, @Nullable Integer percent) {
        return new StationEditBody(row, at, other, null, mm, null, times, null, percent, null, null, null);
    }

    private StationEditBody tied(Kind other, @Nullable Knot by, @Nullable ExtraHold more) {
        return new StationEditBody(row, at, other, null, null, by, null, more, null, null, null, null);
    }

    /** The change, or nothing where something is wrong with it. */
    Optional<StationEdit> check(Fields f, String path) {
        Kind asked = f.present(path + "kind", "What is done", kind, Kind.REMOVE);
        double along = f.number(path + "at", "Where along the row", at, ALONG);
        Optional<RowId> id = RowId.parse(row == null ? "" : row);
        if (id.isEmpty()) {
            f.problem(path + "row", "Which row it is on is not said.");
        }
        return switch (asked) {
            case ADD -> {
                Share share = share(f, path);
                OptionalDouble toward = towardDeg == null
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(
                                Math.toRadians(f.number(path + "towardDeg", "The way it is thrown", towardDeg, TURN)));
                yield id.map(r -> new StationEdit.Add(r, along, share, toward));
            }
            case SHUT -> {
                Share share = share(f, path);
                double beyond = f.number(path + "otherAt", "Where along the other row", otherAt, ALONG);
                Optional<RowId> other = RowId.parse(otherRow == null ? "" : otherRow);
                if (other.isEmpty()) {
                    f.problem(path + "otherRow", "Which row the knot beyond the gap is on is not said.");
                }
                yield id.flatMap(r -> other.map(o -> new StationEdit.DrawShut(r, along, share, o, beyond)));
            }
            case REMOVE -> id.map(r -> new StationEdit.Remove(r, along));
            case MOVE -> {
                double mm = f.lengthMm(path + "moveMm", "How far it is moved", moveMm, StationEdit.Move.MM);
                yield id.map(r -> new StationEdit.Move(r, along, mm));
            }
            case SHARE -> {
                Share share = share(f, path);
                yield id.map(r -> new StationEdit.Resize(r, along, share));
            }
            case KNOT -> {
                Knot tied = f.present(path + "knot", "The knot", knot, Knot.REGULAR);
                yield id.map(r -> new StationEdit.Retie(r, along, tied));
            }
            case PASSES -> {
                int times = f.whole(path + "passes", "Passes", passes, PASSES);
                yield id.map(r -> new StationEdit.Pass(r, along, times));
            }
            case HOLD -> {
                ExtraHold more = f.present(path + "hold", "The extra hold", hold, ExtraHold.FINGER_TURN);
                yield id.map(r -> new StationEdit.Hold(r, along, more));
            }
            case LEG -> {
                int percent = f.whole(path + "legPercent", "How much of the leg goes through", legPercent, LEG);
                yield id.map(r -> new StationEdit.PartLeg(r, along, percent / ALL_PERCENT));
            }
        };
    }

    private Share share(Fields f, String path) {
        return new Share(f.whole(path + "shareParts", "A loop split into", shareParts, SPLIT));
    }
}
