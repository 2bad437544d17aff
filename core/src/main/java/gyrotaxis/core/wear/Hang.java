package gyrotaxis.core.wear;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.scalp.DressForm;
import java.util.List;

/** What hair does that has left the head: it turns downward, and keeps off head, neck and shoulders and rests on them. */
final class Hang {
    private static final double STEP_MM = 15;

    /** Over what length hair that leaves the head turns downward, mm. */
    private static final double TURNS_DOWN_MM = 35;

    /** Hair that is tied stands off its band before it turns, mm. ASSUMPTION: three fingers. */
    private static final double STANDS_OFF_MM = 45;

    /** Hair lies so far over what it rests on, mm. ASSUMPTION: half a lock. */
    private static final double GAP_MM = 5;

    /** How far from the middle of its ring the hair of a bun is wound, and how thick that ring is, mm. ASSUMPTION. */
    private static final double BUN_RING_MM = 27;

    private static final double BUN_THICK_MM = 15;
    private static final double BUN_STEP_RAD = Math.toRadians(24);
    private static final double GOLDEN_RAD = Math.PI * (3 - Math.sqrt(5));

    private static final Vec3 DOWN = new Vec3(0, 0, -1);

    private final DressForm form;

    Hang(DressForm form) {
        this.form = form;
    }

    /**
     * Goes on from the last point of a line the way that goes.
     *
     * @param driven which way it is driven besides, against its own weight of 1
     */
    void falling(List<Vec3> line, double restMm, Vec3 driven) {
        Vec3 p = line.get(line.size() - 1);
        Vec3 way = line.size() > 1 ? p.minus(line.get(line.size() - 2)) : DOWN;
        hang(line, restMm, way.norm() < 1e-9 ? DOWN : way.unit(), TURNS_DOWN_MM, DOWN.plus(driven));
    }

    /** Goes on from a tie: out of its band, then down. */
    void tail(List<Vec3> line, double restMm, Vec3 outward) {
        Vec3 p = line.get(line.size() - 1);
        Vec3 came = line.size() > 1 ? p.minus(line.get(line.size() - 2)) : outward;
        Vec3 way = outward.plus(came.norm() < 1e-9 ? outward : came.unit().times(0.5));
        hang(line, restMm, way.unit(), STANDS_OFF_MM, DOWN);
    }

    private void hang(List<Vec3> line, double restMm, Vec3 from, double turnsMm, Vec3 toward) {
        Vec3 p = line.get(line.size() - 1);
        Vec3 way = from;
        for (double run = 0; run < restMm; run += STEP_MM) {
            double step = Math.min(STEP_MM, restMm - run);
            double turn = Math.min(1, step / turnsMm);
            Vec3 next = way.times(1 - turn).plus(toward.unit().times(turn));
            way = next.norm() < 1e-9 ? toward.unit() : next.unit();
            DressForm.Rest rest = form.rest(p.plus(way.times(step)), GAP_MM);
            Vec3 went = rest.at().minus(p);
            if (went.norm() > 1e-9) {
                // As long as its step whatever it is turned aside by: hair does not stretch.
                p = form.rest(p.plus(went.unit().times(step)), GAP_MM).at();
                way = went.unit();
            }
            line.add(p);
        }
    }

    /**
     * Winds it up about its tie.
     *
     * @param turn the how manyth it is, so that each lies beside the others
     */
    void wound(List<Vec3> line, double restMm, Vec3 tie, Vec3 outward, int turn) {
        Vec3 across = outward.cross(DOWN);
        Vec3 u = across.norm() < 1e-6 ? new Vec3(1, 0, 0) : across.unit();
        Vec3 v = outward.cross(u);
        Vec3 from = line.get(line.size() - 1).minus(tie);
        double at = Math.atan2(from.dot(v), from.dot(u));
        double about = turn * GOLDEN_RAD;
        Vec3 middle = tie.plus(outward.times(BUN_THICK_MM));
        Vec3 p = line.get(line.size() - 1);
        double left = restMm;
        while (left > 0) {
            at += BUN_STEP_RAD;
            about += BUN_STEP_RAD / 3;
            double ring = BUN_RING_MM + BUN_THICK_MM * Math.cos(about);
            Vec3 next = middle.plus(u.times(ring * Math.cos(at)))
                    .plus(v.times(ring * Math.sin(at)))
                    .plus(outward.times(BUN_THICK_MM * Math.sin(about)));
            double step = next.distance(p);
            p = step > left ? p.lerp(next, left / step) : next;
            left -= step;
            line.add(p);
        }
    }
}
