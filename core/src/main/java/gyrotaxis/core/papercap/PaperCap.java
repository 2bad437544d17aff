package gyrotaxis.core.papercap;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;

/**
 * A head as a cap of paper, with what is planned on it.
 *
 * @param gores the pieces, going round from the front over her right
 * @param strain how much paper differs from the head between seams
 */
public record PaperCap(List<Piece> gores, Gores.Strain strain) {
    /** Marks along seams come so often, mm: those of two neighbours meet when they are taped. */
    public static final double MARK_MM = 20;

    private static final int RIM_STEPS = 24;
    private static final int SEAM_STEPS = 32;

    /** Lines are carried over to paper in steps of this, mm. */
    private static final double FINE_MM = 2;

    /** So short a bit of a line across a seam is left away, mm. */
    private static final double TINY_MM = 0.2;

    /** A row is named so far behind its start, mm. */
    private static final double NAMED_MM = 14;

    /** Words keep from the edges of their piece, in parts of it. */
    private static final Interval WITHIN = new Interval(0.25, 0.96);

    private static final double HUNDRED = 100;

    /** What a line is. */
    public enum Line {
        ROW,
        PART,
        EAR_LINE
    }

    /** A line on a piece, mm. */
    public record Drawn(Line line, List<Vec2> points) {
        public Drawn {
            points = List.copyOf(points);
        }
    }

    /** A word on a piece, where it stands, mm. */
    public record Word(String text, Vec2 at) {}

    /**
     * One piece of paper as it is seen from outside; the middle of the map at its tip in the origin, the hairline below it.
     *
     * @param rim what is cut, all round
     * @param lines rows, parts and the ear line
     * @param stations where shares are hooked
     * @param marks ticks on its seams, each from the seam inward
     * @param words names of rows and places
     * @param seams numbers of the seams before and after it, each beside its seam
     * @param seamMm how long both of its seams are on the head, mm
     */
    public record Piece(
            List<Vec2> rim,
            List<Drawn> lines,
            List<Vec2> stations,
            List<List<Vec2>> marks,
            List<Word> words,
            List<Word> seams,
            List<Double> seamMm) {
        public Piece {
            rim = List.copyOf(rim);
            lines = List.copyOf(lines);
            stations = List.copyOf(stations);
            marks = List.copyOf(marks);
            words = List.copyOf(words);
            seams = List.copyOf(seams);
            seamMm = List.copyOf(seamMm);
        }

        /** From its tip to its furthest edge, as it lies on a sheet, mm. */
        public double longMm() {
            DoubleSummaryStatistics y = rim.stream().mapToDouble(Vec2::y).summaryStatistics();
            return y.getMax() - y.getMin();
        }
    }

    public PaperCap {
        gores = List.copyOf(gores);
    }

    /**
     * The cap of a plan.
     *
     * @param stations where shares are hooked, or none
     * @param count of pieces, in {@link Gores#COUNT}
     */
    public static PaperCap of(Scalp scalp, Foundation foundation, List<Station> stations, int count) {
        Gores gores = Gores.of(scalp, count);
        Drawing drawing = new Drawing(gores);
        drawing.draw(Line.EAR_LINE, foundation.earLine());
        for (LaidPart part : foundation.parts()) {
            drawing.draw(Line.PART, part.path());
        }
        for (Row row : foundation.rows()) {
            drawing.draw(Line.ROW, row.path());
            drawing.write(row.id().toString(), row.path().spaceAt(Math.min(NAMED_MM, row.lengthMm() / 2)));
        }
        for (Landmark landmark : Landmark.values()) {
            drawing.write(landmark.words(), scalp.at(landmark));
        }
        for (Station station : stations) {
            Gores.In at = gores.in(station.space());
            drawing.stations.get(at.gore()).add(gores.onPaper(at));
        }
        List<Piece> pieces = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            pieces.add(drawing.piece(k));
        }
        return new PaperCap(pieces, gores.strain());
    }

    /** How long its longest piece is, as it lies on a sheet, mm. */
    public double longMm() {
        return gores.stream().mapToDouble(Piece::longMm).max().orElseThrow();
    }

    /** What is to be expected of it when it lies on a head. */
    public Sentence strainWords() {
        return Sentence.of(
                "Seams are as long as on the head. Between them paper is up to ",
                Quantity.part(Math.ceil(Math.abs(strain.alongMiddle()) * HUNDRED) / HUNDRED),
                " short along the middle of a piece and ",
                Quantity.part(Math.ceil(Math.abs(strain.across()) * HUNDRED) / HUNDRED),
                " across, since it does not bulge: smooth it from the middle to the hairline.");
    }

    /** Carries what is on the head over to the pieces. */
    private static final class Drawing {
        private final Gores gores;
        private final List<List<Drawn>> lines = new ArrayList<>();
        private final List<List<Vec2>> stations = new ArrayList<>();
        private final List<List<Word>> words = new ArrayList<>();

        Drawing(Gores gores) {
            this.gores = gores;
            for (int k = 0; k < gores.count(); k++) {
                lines.add(new ArrayList<>());
                stations.add(new ArrayList<>());
                words.add(new ArrayList<>());
            }
        }

        /** Where its place is, but not over the edge of the piece. */
        void write(String text, Vec3 p) {
            Gores.In at = gores.in(p);
            double across = WITHIN.clamp(at.across());
            double alpha = Math.min(at.alpha(), WITHIN.max() * gores.rimAt(at.gore(), across));
            words.get(at.gore()).add(new Word(text, gores.onPaper(at.gore(), across, alpha)));
        }

        void draw(Line line, Path path) {
            int steps = Math.max(1, (int) Math.ceil(path.lengthMm() / FINE_MM));
            List<Vec2> now = new ArrayList<>();
            Vec3 from = path.start();
            now.add(gores.onPaper(gores.in(from)));
            for (int i = 1; i <= steps; i++) {
                Vec3 to = path.spaceAt(path.lengthMm() * i / steps);
                now = step(line, now, from, to);
                from = to;
            }
            keep(line, gores.in(from).gore(), now);
        }

        /** Goes on to a point; where a seam lies between, the line ends on one piece and begins on the next. */
        private List<Vec2> step(Line line, List<Vec2> now, Vec3 from, Vec3 to) {
            Gores.In a = gores.in(from);
            Gores.In b = gores.in(to);
            if (a.gore() == b.gore()) {
                now.add(gores.onPaper(b));
                return now;
            }
            if (from.distance(to) > TINY_MM) {
                Vec3 half = gores.raised(from.lerp(to, 0.5));
                return step(line, step(line, now, from, half), half, to);
            }
            boolean isOnward = Math.floorMod(b.gore() - a.gore(), gores.count()) * 2 < gores.count();
            now.add(gores.onPaper(a.gore(), isOnward ? 1 : 0, a.alpha()));
            keep(line, a.gore(), now);
            List<Vec2> next = new ArrayList<>();
            next.add(gores.onPaper(b.gore(), isOnward ? 0 : 1, b.alpha()));
            next.add(gores.onPaper(b));
            return next;
        }

        private void keep(Line line, int gore, List<Vec2> points) {
            if (points.size() > 1) {
                lines.get(gore).add(new Drawn(line, points));
            }
        }

        Piece piece(int k) {
            List<Vec2> rim = new ArrayList<>();
            double before = gores.rimAt(k, 0);
            double after = gores.rimAt(k, 1);
            for (int i = 0; i <= SEAM_STEPS; i++) {
                rim.add(gores.onPaper(k, 0, before * i / SEAM_STEPS));
            }
            for (int i = 1; i < RIM_STEPS; i++) {
                double across = (double) i / RIM_STEPS;
                rim.add(gores.onPaper(k, across, gores.rimAt(k, across)));
            }
            for (int i = SEAM_STEPS; i > 0; i--) {
                rim.add(gores.onPaper(k, 1, after * i / SEAM_STEPS));
            }
            int next = (k + 1) % gores.count();
            List<List<Vec2>> marks = new ArrayList<>();
            marks(marks, k, 0, before, gores.seamMm(k));
            marks(marks, k, 1, after, gores.seamMm(next));
            List<Word> seams = List.of(
                    new Word(String.valueOf(k + 1), gores.onPaper(k, 0.14, before * 0.72)),
                    new Word(String.valueOf(next + 1), gores.onPaper(k, 0.86, after * 0.72)));
            return new Piece(
                    rim,
                    lines.get(k),
                    stations.get(k),
                    marks,
                    words.get(k),
                    seams,
                    List.of(gores.seamMm(k), gores.seamMm(next)));
        }

        private void marks(List<List<Vec2>> marks, int k, int side, double alpha, double lengthMm) {
            double run = 0;
            double due = MARK_MM;
            Vec2 from = gores.onPaper(k, side, 0);
            int n = (int) Math.ceil(lengthMm);
            for (int i = 1; i <= n; i++) {
                double at = alpha * i / n;
                Vec2 to = gores.onPaper(k, side, at);
                run += from.distance(to);
                from = to;
                if (run >= due && run < lengthMm - 2) {
                    Vec2 inward = gores.onPaper(k, 1.0 - side, at).minus(to);
                    marks.add(List.of(to, to.plus(inward.times(Math.min(2.5, inward.norm() / 3) / inward.norm()))));
                    due += MARK_MM;
                }
            }
        }
    }
}
