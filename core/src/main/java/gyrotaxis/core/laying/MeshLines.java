package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Cap.Mesh;
import gyrotaxis.core.foundation.MeshPiece;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Lays the lines of holes that loops are hooked to where mesh carries them, level and as far apart as the mesh is hooked. What lies
 * beneath plays no part.
 */
final class MeshLines {
    /** The first line of a cap lies so far behind its edge, mm: its hair covers the seam. ASSUMPTION: a thumb's nail. */
    private static final double SEAM_MM = 8;

    /**
     * Rows so far from each other have mesh between them, mm.
     *
     * @see "ASSUMPTION: beyond four fingers the hair of both rows leaves the middle to fills"
     */
    static final double FAR_MM = 62;

    /** Nobody sews on a shorter strip, mm. ASSUMPTION: three fingers. */
    private static final double MIN_LENGTH_MM = 45;

    private static final int STEPS = 48;

    /** Nobody braids a line of holes: what a row needs to say of its thickness, mm. */
    private static final double THREAD_MM = 1;

    /** Outer points of the strip of a piece of mesh. */
    private static final int RIM = 24;

    /** A line across a piece ends so far inside its seam, as a part of its radius. */
    private static final double INSIDE = 0.8;

    private final Scalp scalp;

    MeshLines(Scalp scalp) {
        this.scalp = scalp;
    }

    /**
     * The lines of a cap, from its edge back.
     *
     * @param area u from its edge to the nape, v from the client's left to her right
     */
    List<Row> of(CoonsPatch area, Mesh mesh) {
        List<Vec2> down = new ArrayList<>();
        for (int k = 0; k <= STEPS; k++) {
            down.add(area.at((double) k / STEPS, 0.5));
        }
        double depthMm = Path.lifted(down, scalp.chart()).lengthMm();
        double first = Math.min(0.5, SEAM_MM / depthMm);
        // The last lies half a space above the nape.
        int n = Math.max(2, (int) Math.round((depthMm - SEAM_MM) / mesh.apartMm() + 0.5));
        double apart = (1 - first) / (n - 0.5);
        List<Row> lines = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double at = first + i * apart;
            double from = i == 0 ? 0 : at - apart / 2;
            double to = Math.min(1, at + apart / 2);
            lines.add(line(new RowId(Section.CAP, i + 1), across(area, at), strip(area, from, to)));
        }
        return lines;
    }

    /** A round piece of mesh over a gap, with one level line across it. */
    MeshPiece over(Vec2 gap, int number) {
        double r = MeshPiece.RADIUS_MM;
        List<Vec2> rim = new ArrayList<>();
        for (int k = 0; k < RIM; k++) {
            double turn = 2 * Math.PI * k / RIM;
            rim.add(gap.plus(new Vec2(Math.sin(turn), Math.cos(turn)).times(r)));
        }
        List<Vec2> across = new ArrayList<>();
        for (int k = 0; k <= RIM; k++) {
            across.add(gap.plus(new Vec2(INSIDE * r * (2.0 * k / RIM - 1), 0)));
        }
        Row line = line(new RowId(Section.PATCH, number), across, rim);
        return new MeshPiece(rim, 2 * Math.PI * r, line, Set.of());
    }

    /**
     * Strips of mesh between rows that lie far from each other, half as wide as the rows lie apart: there alone are they sewn on.
     *
     * @param rows side by side, in order
     * @param first number of the first strip
     */
    List<MeshPiece> between(List<Row> rows, int first) {
        List<MeshPiece> pieces = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            Row left = rows.get(i - 1);
            Row right = rows.get(i);
            boolean runsBack = left.path().start().distance(right.path().start())
                    > left.path().start().distance(right.path().end());
            Path other = runsBack ? right.path().reversed() : right.path();
            strip(left, right, other, first + pieces.size()).ifPresent(pieces::add);
        }
        return pieces;
    }

    /** Over the longest stretch on which two rows lie far apart. */
    private Optional<MeshPiece> strip(Row left, Row right, Path other, int number) {
        int from = 0;
        int to = -1;
        for (int k = 0, begun = 0; k <= STEPS; k++) {
            Vec3 a = left.path().spaceAt(left.lengthMm() * k / STEPS);
            if (a.distance(other.spaceAt(other.lengthMm() * k / STEPS)) < FAR_MM) {
                begun = k + 1;
            } else if (k - begun > to - from) {
                from = begun;
                to = k;
            }
        }
        List<Vec2> near = new ArrayList<>();
        List<Vec2> middle = new ArrayList<>();
        List<Vec2> far = new ArrayList<>();
        for (int k = from; k <= to; k++) {
            Vec2 a = left.path().chartAt(left.lengthMm() * k / STEPS);
            Vec2 b = other.chartAt(other.lengthMm() * k / STEPS);
            near.add(a.lerp(b, 0.25));
            middle.add(a.lerp(b, 0.5));
            far.add(a.lerp(b, 0.75));
        }
        if (middle.size() < 2 || Path.lifted(middle, scalp.chart()).lengthMm() < MIN_LENGTH_MM) {
            return Optional.empty();
        }
        List<Vec2> rim = new ArrayList<>(near);
        for (int k = far.size() - 1; k >= 0; k--) {
            rim.add(far.get(k));
        }
        Row line = line(new RowId(Section.PATCH, number), middle, rim);
        List<Vec2> seam = new ArrayList<>(rim);
        seam.add(rim.get(0));
        return Optional.of(
                new MeshPiece(rim, Path.lifted(seam, scalp.chart()).lengthMm(), line, Set.of(left.id(), right.id())));
    }

    private Row line(RowId id, List<Vec2> line, List<Vec2> strip) {
        return Row.of(id, Path.lifted(line, scalp.chart()), strip, THREAD_MM).used(RowUse.MESH);
    }

    private static List<Vec2> across(CoonsPatch area, double u) {
        List<Vec2> line = new ArrayList<>();
        for (int k = 0; k <= STEPS; k++) {
            line.add(area.at(u, (double) k / STEPS));
        }
        return line;
    }

    private static List<Vec2> strip(CoonsPatch area, double from, double to) {
        List<Vec2> rim = new ArrayList<>(across(area, from));
        List<Vec2> back = across(area, to);
        for (int k = back.size() - 1; k >= 0; k--) {
            rim.add(back.get(k));
        }
        return rim;
    }
}
