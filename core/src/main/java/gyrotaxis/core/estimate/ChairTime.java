package gyrotaxis.core.estimate;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Estimate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Minutes by stage.
 *
 * @param minutes an estimate for every stage, in the order of work
 */
public record ChairTime(Map<Stage, Estimate> minutes) {
    /** Fills are hooked in last, where hair already hides them. */
    private static final Tie FILL = Tie.of(Knot.REGULAR, 1);

    private static final double SECONDS = 60;
    private static final double MM_PER_CM = 10;

    /** What is done, in the order of work. */
    public enum Stage {
        SPLITTING("split shares before the chair", false),
        HOOKING_CAP("hook the cap before the chair", false),
        BRAIDING("part and braid", true),
        PLAITS("band individuals, draw plaits into shares", true),
        SEWING("sew wefts and mesh", true),
        HOOKING("hook", true),
        FILLS("fills", true),
        FINISHING("separate and trim", true);

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
     * The time a plan takes. Stages that there is nothing to do in are left out.
     *
     * @param foundation the rows
     * @param isBanded whether individuals get a band each
     * @param hooked the head as it is hooked
     * @param reserveLoops loops kept for fills, each hooked as two halves
     * @param speeds who works, and how fast
     */
    public static ChairTime of(
            Foundation foundation, boolean isBanded, Hooked hooked, int reserveLoops, Speeds speeds) {
        int fillShares = 2 * reserveLoops;
        int split = hooked.tallies().stream().mapToInt(LoopTally::splitShares).sum();
        EnumMap<Stage, Estimate> m = new EnumMap<>(Stage.class);
        m.put(Stage.SPLITTING, speeds.splitSecondsPerShare().times((split + fillShares) / SECONDS));
        boolean isOff = foundation.hasCapHookedOff();
        Map<Boolean, List<Station>> byPlace =
                hooked.stations().stream().collect(Collectors.partitioningBy(s -> isOff && s.role() == Role.CAP));
        putIfAny(m, Stage.HOOKING_CAP, hooking(byPlace.getOrDefault(true, List.of()), speeds));
        m.put(Stage.BRAIDING, braiding(foundation.lengthMm(), speeds));
        putIfAny(m, Stage.PLAITS, plaits(foundation, isBanded, speeds));
        putIfAny(m, Stage.SEWING, speeds.sewSecondsPerCm().times(seamMm(foundation) / MM_PER_CM / SECONDS));
        m.put(Stage.HOOKING, hooking(byPlace.getOrDefault(false, List.of()), speeds));
        m.put(Stage.FILLS, speeds.tieSeconds(FILL, Zone.MIDDLE).times(fillShares / SECONDS));
        m.put(Stage.FINISHING, speeds.finishMinutes());
        return new ChairTime(m);
    }

    private static void putIfAny(Map<Stage, Estimate> minutes, Stage stage, Estimate estimate) {
        if (estimate.high() > 0) {
            minutes.put(stage, estimate);
        }
    }

    /** Minutes to band individuals and to draw each into its share. */
    private static Estimate plaits(Foundation foundation, boolean isBanded, Speeds speeds) {
        long plaits = foundation.rows().stream()
                .filter(r -> r.use() == RowUse.PLAITED)
                .count();
        Estimate each = isBanded ? speeds.plaitSeconds().plus(speeds.bandSeconds()) : speeds.plaitSeconds();
        return each.times(plaits / SECONDS);
    }

    /** How much is sewn: wefts along their rows, a cap along its edge, mesh all round, mm. */
    private static double seamMm(Foundation foundation) {
        double wefts = foundation.rows().stream()
                .filter(r -> r.use() == RowUse.WEFTED)
                .mapToDouble(Row::lengthMm)
                .sum();
        double cap = foundation.cap().map(c -> c.edge().lengthMm()).orElse(0.0);
        double mesh = foundation.mesh().stream()
                .mapToDouble(p -> 2 * Math.PI * p.radiusMm())
                .sum();
        return wefts + cap + mesh;
    }

    /** Minutes to hook stations, one after the other. */
    public static Estimate hooking(List<Station> stations, Speeds speeds) {
        return stations.stream()
                .map(s -> speeds.tieSeconds(s.tie(), s.zone()))
                .reduce(Estimate.exactly(0), Estimate::plus)
                .times(1 / SECONDS);
    }

    /** Minutes to part and braid a length of row, mm. */
    public static Estimate braiding(double rowLengthMm, Speeds speeds) {
        return speeds.braidSecondsPerCm().times(rowLengthMm / MM_PER_CM / SECONDS);
    }

    /** Minutes the client sits. */
    public Estimate inChair() {
        return minutes.entrySet().stream()
                .filter(e -> e.getKey().isInChair())
                .map(Map.Entry::getValue)
                .reduce(Estimate.exactly(0), Estimate::plus);
    }
}
