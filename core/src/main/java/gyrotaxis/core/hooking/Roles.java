package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;

/** What a share is there for, by where it lies, and how large that lets it be. */
final class Roles {
    /** What is hooked so near to the edge is the first share at the hairline, mm. */
    private static final double HAIRLINE_MM = 8;

    /** What is hooked so near to the hairline shows at the edge of hair that is drawn up, mm. ASSUMPTION: a finger. */
    private static final double RIM_MM = 18;

    private final Scalp scalp;
    private final Method method;
    private final double edgeMm;
    private final boolean goesUp;

    Roles(Scalp scalp, Method method, double edgeMm, boolean goesUp) {
        this.scalp = scalp;
        this.method = method;
        this.edgeMm = edgeMm;
        this.goesUp = goesUp;
    }

    /**
     * The first share behind the hairline is tied to be seen, wherever the stagger puts it. Where hair goes up, all that is
     * hooked at the rim is perimeter, whether a braid follows it or not.
     */
    Role role(Row row, boolean isFirst, double along, Vec2 at, int part) {
        if (row.use() == RowUse.MESH) {
            // A cap that begins at the hairline is hooked there as rows are.
            boolean isEdge = row.id().section() == Section.CAP && row.id().number() == 1 && isInFront(at);
            return isEdge ? Role.HAIRLINE : Role.CAP;
        }
        return switch (row.id().section()) {
            case PERIMETER -> Role.PERIMETER;
            case INDIVIDUAL -> Role.PLAIT;
            default -> {
                if (part != Station.NO_PART) {
                    yield Role.PART;
                }
                boolean isAtEdge = row.id().startsInFront();
                if (isAtEdge && (isFirst || along < edgeMm + HAIRLINE_MM)) {
                    yield Role.HAIRLINE;
                }
                yield goesUp && isAtRim(at) ? Role.PERIMETER : Role.ROW;
            }
        };
    }

    private boolean isAtRim(Vec2 at) {
        return toHairlineMm(at) < RIM_MM;
    }

    private boolean isInFront(Vec2 at) {
        return isAtRim(at)
                && Math.abs(Math.atan2(at.x(), at.y())) < scalp.hairline().cornerRad();
    }

    private double toHairlineMm(Vec2 at) {
        return scalp.hairline().chartAt(Math.atan2(at.x(), at.y())).norm() - at.norm();
    }

    /**
     * Small where it will be seen, or as large as she takes it there; nothing wished for a zone makes it larger.
     *
     * @param usual what a share is there otherwise
     * @param goesInWhole whether the hair cannot be split
     */
    static Share share(Method.Shares shares, Role role, Share usual, boolean goesInWhole) {
        if (goesInWhole) {
            return Share.WHOLE;
        }
        return switch (role) {
            case PART -> shares.atParts().orElseGet(() -> smaller(usual, Share.QUARTER));
            case HAIRLINE -> shares.atHairline().orElseGet(() -> smaller(usual, Share.QUARTER));
            case PERIMETER -> smaller(usual, Share.HALF);
            case PLAIT -> shares.underSingle() == Method.UnderSingle.WHOLE ? Share.WHOLE : smaller(usual, Share.HALF);
            default -> usual;
        };
    }

    private static Share smaller(Share a, Share b) {
        return a.parts() > b.parts() ? a : b;
    }

    /** Whether a row begins with two shares instead of one; one beside a part can as well. */
    boolean isFullStart(Row row, List<Station> list) {
        return method.shares().rowStart() == Method.RowStart.FULL
                && !list.isEmpty()
                && (list.get(0).role() == Role.HAIRLINE
                        || (list.get(0).role() == Role.PART && row.id().startsInFront()));
    }
}
