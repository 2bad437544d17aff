package gyrotaxis.core.estimate;

import gyrotaxis.core.braiding.BraidStep;
import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.SelfWork;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.MeshPiece;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Minutes by stage.
 *
 * @param minutes an estimate for every stage, in the order of work
 */
public record ChairTime(Map<Stage, Estimate> minutes) {
    /** Fills are hooked in last, where hair already hides them. */
    private static final Tie FILL = Tie.of(Knot.REGULAR, 1);

    private static final Estimate NOTHING = Estimate.exactly(0);

    private static final double SECONDS = 60;
    private static final double MM_PER_CM = 10;

    /** What is done, in the order of work. */
    public enum Stage {
        SPLITTING("split shares before the chair", false),
        HOOKING_CAP("hook the cap before the chair", false),
        BRAIDING("part and braid", true),
        SECURING("thread and stitch tails", true),
        PLAITS("make singles, draw them into shares", true),
        SEWING("sew wefts and mesh", true),
        HOOKING("hook", true),
        TRYING("separate, try every part", true),
        FILLS("fills", true),
        FINISHING("trim and set", true);

        private final String words;
        private final boolean inChair;

        Stage(String words, boolean inChair) {
            this.words = words;
            this.inChair = inChair;
        }

        /** What a stylist calls it. */
        public String words() {
            return words;
        }

        /** Whether the client sits through it. */
        public boolean isInChair() {
            return inChair;
        }
    }

    public ChairTime {
        minutes = Collections.unmodifiableMap(new EnumMap<>(minutes));
    }

    /**
     * What an install takes time for.
     *
     * @param scalp the head
     * @param foundation its rows
     * @param braiding where they end
     * @param individuals how singles are made
     * @param hooked the head as it is hooked
     * @param reserveLoops loops kept for fills, each hooked as two halves
     * @param trials how many parts and ways of wearing are tried
     * @param finish what is asked for at the end
     */
    public record Job(
            Scalp scalp,
            Foundation foundation,
            Braiding braiding,
            Individuals individuals,
            Hooked hooked,
            int reserveLoops,
            int trials,
            Set<Finish> finish) {
        public Job {
            finish = Set.copyOf(finish);
        }
    }

    /** Minutes for a job by somebody's speeds. Stages that there is nothing to do in are left out. */
    public static ChairTime of(Job job, Speeds speeds) {
        Foundation foundation = job.foundation();
        Hooked hooked = job.hooked();
        int fillShares = 2 * job.reserveLoops();
        int split = hooked.tallies().stream().mapToInt(LoopTally::splitShares).sum();
        EnumMap<Stage, Estimate> m = new EnumMap<>(Stage.class);
        m.put(Stage.SPLITTING, speeds.splitSecondsPerShare().times((split + fillShares) / SECONDS));
        boolean isOff = foundation.hasCapHookedOff();
        Map<Boolean, List<Station>> byPlace = hooked.stations().stream()
                .collect(Collectors.partitioningBy(s -> isOff && s.id().row().section() == Section.CAP));
        putIfAny(m, Stage.HOOKING_CAP, hooking(byPlace.getOrDefault(true, List.of()), speeds));
        m.put(Stage.BRAIDING, sum(foundation.rows().stream().map(r -> braiding(job.scalp(), r, speeds))));
        putIfAny(
                m,
                Stage.SECURING,
                sum(job.braiding().tails().stream().map(t -> securing(job.scalp(), foundation, t, speeds))));
        putIfAny(m, Stage.PLAITS, plaits(job, speeds));
        Estimate seam = speeds.sewSecondsPerCm().times(seamMm(foundation) / MM_PER_CM / SECONDS);
        putIfAny(m, Stage.SEWING, seam.times(speeds.reach(Zone.BACK)));
        m.put(Stage.HOOKING, hooking(byPlace.getOrDefault(false, List.of()), speeds));
        m.put(Stage.TRYING, trying(job, speeds));
        m.put(Stage.FILLS, speeds.tieSeconds(FILL, Zone.MIDDLE).times(fillShares / SECONDS));
        Estimate finish = sum(job.finish().stream()
                .map(f -> Objects.requireNonNull(speeds.finishMinutes().get(f))));
        putIfAny(m, Stage.FINISHING, finish.times(speeds.reach(Zone.MIDDLE)));
        return new ChairTime(m);
    }

    private static Estimate sum(Stream<Estimate> estimates) {
        return estimates.reduce(NOTHING, Estimate::plus);
    }

    private static void putIfAny(Map<Stage, Estimate> minutes, Stage stage, Estimate estimate) {
        if (estimate.high() > 0) {
            minutes.put(stage, estimate);
        }
    }

    /** Minutes to make singles and to draw each into its share, by where each is. */
    private static Estimate plaits(Job job, Speeds speeds) {
        Individuals how = job.individuals();
        Estimate made =
                how.isTwisted() ? speeds.small().twist() : speeds.small().plait();
        Estimate each = how.isBanded() ? made.plus(speeds.small().band()) : made;
        return sum(job.foundation().rows().stream()
                        .filter(r -> r.use() == RowUse.PLAITED)
                        .map(r -> each.times(
                                speeds.reach(zone(job.scalp(), r.path().start())))))
                .times(1 / SECONDS);
    }

    /** Minutes to separate all that is hooked, and to try every part and way of wearing. What goes in whole is not separated. */
    private static Estimate trying(Job job, Speeds speeds) {
        Estimate separating = sum(job.hooked().stations().stream()
                .filter(s -> !job.hooked().hairOf(s).goesInWhole())
                .map(s -> speeds.small().separate().times(speeds.reach(s.zone()))));
        return separating.plus(speeds.small().trial().times(job.trials())).times(1 / SECONDS);
    }

    /** Minutes for one step of the braiding; parting counts with the rows, sewing by itself. */
    public static Estimate of(BraidStep step, Scalp scalp, Foundation foundation, Braiding braiding, Speeds speeds) {
        return switch (step.kind()) {
            case BRAID ->
                sum(step.rows().stream()
                        .flatMap(r -> foundation.row(r).stream())
                        .map(r -> braiding(scalp, r, speeds)));
            case THREAD, SECURE ->
                sum(step.rows().stream()
                        .flatMap(r -> braiding.tailOf(r).stream())
                        .map(t -> securing(scalp, foundation, t, speeds)));
            case PART, MESH -> NOTHING;
        };
    }

    /** Minutes for a tail once all is braided; what is fed or laid is part of the braiding. */
    public static Estimate securing(Scalp scalp, Foundation foundation, Tail tail, Speeds speeds) {
        Speeds.Small small = speeds.small();
        Estimate seconds = switch (tail.end()) {
            case THREADED -> small.thread().plus(small.stitch());
            case STITCHED, LOOSE, TOO_SHORT -> small.stitch();
            case PINNED -> small.pin();
            // Banded, split in two, and each half threaded away.
            case BANDED -> small.band().plus(small.thread().times(2));
            case PONYTAIL -> small.band();
            case FED, LAID -> NOTHING;
        };
        return foundation
                .row(tail.row())
                .map(r -> seconds.times(speeds.reach(zone(scalp, r.path().end()))))
                .orElse(seconds)
                .times(1 / SECONDS);
    }

    private static Zone zone(Scalp scalp, Vec3 at) {
        return Zone.at(scalp.frontToNape(at));
    }

    /** How much is sewn: wefts along their rows, a cap along its edge, mesh all round, mm. */
    private static double seamMm(Foundation foundation) {
        double wefts = foundation.rows().stream()
                .filter(r -> r.use() == RowUse.WEFTED)
                .mapToDouble(Row::lengthMm)
                .sum();
        double cap = foundation
                .cap()
                .filter(c -> !c.isOnCombs())
                .map(c -> c.edge().lengthMm())
                .orElse(0.0);
        double mesh = foundation.mesh().stream().mapToDouble(MeshPiece::seamMm).sum();
        return wefts + cap + mesh;
    }

    /** Minutes to hook stations, one after the other. */
    public static Estimate hooking(List<Station> stations, Speeds speeds) {
        return stations.stream()
                .map(s -> speeds.tieSeconds(s.tie(), s.zone()))
                .reduce(NOTHING, Estimate::plus)
                .times(1 / SECONDS);
    }

    /** Minutes to part and braid a row, piece by piece where each piece lies; singles count as plaits. */
    public static Estimate braiding(Scalp scalp, Row row, Speeds speeds) {
        if (row.use() == RowUse.PLAITED) {
            return NOTHING;
        }
        List<Vec3> line = row.path().space();
        boolean isUpsideDown = SelfWork.isUpsideDown(scalp, row);
        Estimate cm = NOTHING;
        for (int i = 1; i < line.size(); i++) {
            Zone zone = zone(scalp, line.get(i - 1).lerp(line.get(i), 0.5));
            double mm = line.get(i).distance(line.get(i - 1));
            cm = cm.plus(speeds.reachBraiding(zone, isUpsideDown).times(mm / MM_PER_CM));
        }
        return speeds.braidSecondsPerCm().times(cm).times(1 / SECONDS);
    }

    /** Minutes the client sits. */
    public Estimate inChair() {
        return minutes.entrySet().stream()
                .filter(e -> e.getKey().isInChair())
                .map(Map.Entry::getValue)
                .reduce(NOTHING, Estimate::plus);
    }
}
