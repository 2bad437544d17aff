package gyrotaxis.core.plan;

import gyrotaxis.core.braiding.BraidStep;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.care.Caution;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.WorkStep;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetRow;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.SheetTail;
import gyrotaxis.core.plan.WorkSheet.Side;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import gyrotaxis.core.plan.WorkSheet.Supply;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Freezes a plan into a worksheet.
 *
 * <p>Steps follow the trade: what is prepared, parted, braided row by row in the order in which tails are fed, secured, hooked
 * in the order that the method chose, tried and filled, finished. The minutes of the steps of a stage add up to what the plan
 * says of it. Deterministic; linear in the stations.
 */
public final class WorkSheetWriter {
    /** A row whose middle lies so near to the midline lies on neither side, mm. ASSUMPTION: half a thin plait. */
    private static final double MIDDLE_MM = 4;

    /** A hundredth of a millimetre on a map, a ten thousandth of a row or of a direction: finer than any hand, and short to write down. */
    private static final double PER_MM = 100;

    private static final double PER_ONE = 10_000;

    private static final Estimate NOT_COUNTED = Estimate.exactly(0);

    private static final Set<Caution> BEFORE_BRAIDING = EnumSet.of(
            Caution.SPARE_THE_EDGES, Caution.BRAID_LOOSELY, Caution.CROWN_SHOWS, Caution.ROOTS_MAT, Caution.CHILD);
    private static final Set<Caution> BEFORE_HOOKING = EnumSet.of(Caution.HOT_NAPE);
    private static final Set<Caution> BEFORE_ANYTHING =
            EnumSet.of(Caution.DO_NOT_INSTALL, Caution.COATED, Caution.RINSE_FIRST, Caution.PATCH_TEST);

    private final InstallPlan plan;
    private final Map<StationId, Station> stations;
    private final Map<RowId, Row> rows;
    private final Map<StationId, ShareRef> refs = new HashMap<>();
    private final List<Step> steps = new ArrayList<>();

    private WorkSheetWriter(InstallPlan plan) {
        this.plan = plan;
        this.stations = plan.stations().stream().collect(Collectors.toMap(Station::id, Function.identity()));
        this.rows = plan.foundation().carriers().stream().collect(Collectors.toMap(Row::id, Function.identity()));
    }

    /** The worksheet of a plan. */
    public static WorkSheet of(InstallPlan plan) {
        return new WorkSheetWriter(plan).write();
    }

    private WorkSheet write() {
        List<SheetShare> shares = shares();
        notes(Note.Moment.BEFORE, Stage.PREPARE, BEFORE_ANYTHING);
        cap();
        braiding();
        hooking();
        fills();
        finishing();
        return new WorkSheet(
                supplies(),
                rounded(plan.scalp().outline().chart()),
                plan.foundation().carriers().stream().map(WorkSheetWriter::row).toList(),
                shares,
                steps,
                tails(),
                plan.braiding().takedown());
    }

    private List<Supply> supplies() {
        return IntStream.range(0, plan.hooked().hairs().size())
                .mapToObj(k -> {
                    Hooked.Strand s = plan.hooked().hairs().get(k);
                    if (k >= plan.hooked().bought()) {
                        // Pieces cut of the main hair: bought with that.
                        return new Supply(
                                s.line(),
                                s.colour(),
                                plan.hooked().tallies().get(k).loops(),
                                0,
                                0,
                                0,
                                0,
                                OptionalInt.of(0));
                    }
                    PackCount c = plan.packs().lines().get(k);
                    return new Supply(
                            s.line(),
                            s.colour(),
                            c.placedLoops(),
                            c.reserveLoops(),
                            c.shelfLoops(),
                            c.packs(),
                            c.boughtLoops(),
                            OptionalInt.empty());
                })
                .toList();
    }

    private static SheetRow row(Row r) {
        return new SheetRow(
                r.id(),
                r.id().words(),
                side(r),
                rounded(r.path().chart()),
                rounded(r.braidWidthMm(), PER_MM),
                rounded(r.lengthMm(), PER_MM));
    }

    private static List<Vec2> rounded(List<Vec2> points) {
        return points.stream().map(p -> rounded(p, PER_MM)).toList();
    }

    private static Vec2 rounded(Vec2 p, double perUnit) {
        return new Vec2(rounded(p.x(), perUnit), rounded(p.y(), perUnit));
    }

    private static double rounded(double v, double perUnit) {
        return Math.rint(v * perUnit) / perUnit;
    }

    private static Side side(Row r) {
        double x = r.path().chartAt(r.lengthMm() / 2).x();
        return Math.abs(x) < MIDDLE_MM ? Side.MIDDLE : x < 0 ? Side.LEFT : Side.RIGHT;
    }

    /** All shares, numbered as they are hooked. */
    private List<SheetShare> shares() {
        List<SheetShare> all = new ArrayList<>();
        for (WorkStep w : plan.work()) {
            for (StationId id : w.stations()) {
                ShareRef ref = new ShareRef(all.size() + 1);
                refs.put(id, ref);
                all.add(share(ref, station(id), w.isMarked()));
            }
        }
        return all;
    }

    private SheetShare share(ShareRef ref, Station s, boolean isForPart) {
        Row row = Objects.requireNonNull(rows.get(s.id().row()));
        return new SheetShare(
                ref,
                row.id(),
                Math.max(0, Math.min(1, rounded(s.alongRowMm() / row.lengthMm(), PER_ONE))),
                rounded(s.chart(), PER_MM),
                rounded(toward(s), PER_ONE),
                s.zone(),
                side(row),
                s.share(),
                s.strand(),
                plan.hooked().blendOf(s),
                s.tie(),
                plan.brief().pronoun().said(s.bearing().words()),
                isForPart);
    }

    private Vec2 toward(Station s) {
        Vec2 way = plan.scalp()
                .chart()
                .project(s.space().plus(s.bearing().entry()))
                .minus(s.chart());
        return way.norm() > 0 ? way.times(1 / way.norm()) : way;
    }

    private Station station(StationId id) {
        return Objects.requireNonNull(stations.get(id));
    }

    /** What is done round the work at a moment; shares are split before the chair, which is counted. */
    private void notes(Note.Moment moment, Stage stage, Set<Caution> cautions) {
        List<Note> notes =
                Notes.of(plan).stream().filter(n -> n.moment() == moment).toList();
        for (Note n : notes) {
            add(
                    stage,
                    List.of(),
                    Sentence.of(n.words()),
                    n.isSplitting() ? minutes(ChairTime.Stage.SPLITTING) : NOT_COUNTED);
        }
        caution(stage, cautions);
    }

    /** A cap that is hooked off the head is hooked before she comes. */
    private void cap() {
        plan.work().stream().filter(w -> w.stage() == WorkStep.Stage.CAP).forEach(w -> hook(w, Stage.PREPARE));
    }

    private void braiding() {
        boolean isSewn = false;
        for (BraidStep s : plan.steps()) {
            Stage stage = switch (s.kind()) {
                case PART -> Stage.PART;
                case BRAID -> Stage.BRAID;
                case THREAD, SECURE, MESH -> Stage.SECURE;
            };
            // All that is sewn is counted on the first thing that is.
            Estimate minutes = s.kind() != BraidStep.Kind.MESH
                    ? ChairTime.of(
                            s,
                            plan.scalp(),
                            plan.foundation(),
                            plan.braiding(),
                            plan.brief().speeds())
                    : isSewn ? NOT_COUNTED : minutes(ChairTime.Stage.SEWING);
            isSewn |= s.kind() == BraidStep.Kind.MESH;
            add(stage, s.rows(), Sentence.of(s.words()), minutes);
        }
        caution(Stage.BRAID, BEFORE_BRAIDING);
    }

    private void hooking() {
        if (plan.time().minutes().containsKey(ChairTime.Stage.PLAITS)) {
            add(
                    Stage.HOOK,
                    List.of(),
                    Sentence.of("Draw each single into its share, and feed its end into the row behind."),
                    minutes(ChairTime.Stage.PLAITS));
        }
        plan.work().stream().filter(w -> w.stage() != WorkStep.Stage.CAP).forEach(w -> hook(w, Stage.HOOK));
        caution(Stage.HOOK, BEFORE_HOOKING);
    }

    private void hook(WorkStep w, Stage stage) {
        List<Station> on = w.stations().stream().map(this::station).toList();
        steps.add(new Step(
                steps.size() + 1,
                stage,
                w.rows(),
                w.stations().stream()
                        .map(id -> Objects.requireNonNull(refs.get(id)))
                        .toList(),
                Sentence.of(w.words()).saidOf(plan.brief().pronoun()),
                ChairTime.hooking(on, plan.brief().speeds()),
                on.stream().mapToDouble(s -> s.share().ofLoop()).sum(),
                List.of()));
    }

    private void fills() {
        said(
                Note.Moment.TRYING,
                Stage.TRY_AND_FILL,
                minutes(ChairTime.Stage.TRYING).plus(minutes(ChairTime.Stage.FILLS)));
    }

    /** What is said at a moment, line by line; the last of them takes the time. */
    private void said(Note.Moment moment, Stage stage, Estimate minutes) {
        List<Note> notes =
                Notes.of(plan).stream().filter(n -> n.moment() == moment).toList();
        for (int i = 0; i < notes.size(); i++) {
            add(stage, List.of(), Sentence.of(notes.get(i).words()), i == notes.size() - 1 ? minutes : NOT_COUNTED);
        }
    }

    private void finishing() {
        said(Note.Moment.FINISHING, Stage.FINISH, minutes(ChairTime.Stage.FINISHING));
        Set<Caution> rest = EnumSet.allOf(Caution.class);
        rest.removeAll(BEFORE_ANYTHING);
        rest.removeAll(BEFORE_BRAIDING);
        rest.removeAll(BEFORE_HOOKING);
        caution(Stage.FINISH, rest);
    }

    private Estimate minutes(ChairTime.Stage stage) {
        return plan.time().minutes().getOrDefault(stage, NOT_COUNTED);
    }

    private void add(Stage stage, List<RowId> about, Sentence words, Estimate minutes) {
        steps.add(new Step(
                steps.size() + 1,
                stage,
                about,
                List.of(),
                words.saidOf(plan.brief().pronoun()),
                minutes,
                0,
                List.of()));
    }

    /** Puts cautions where they belong: on the first step of their stage. */
    private void caution(Stage stage, Set<Caution> where) {
        List<String> words = plan.brief().cautions().stream()
                .filter(where::contains)
                .map(c -> plan.brief().pronoun().said(c.words()))
                .toList();
        for (int i = 0; i < steps.size() && !words.isEmpty(); i++) {
            Step s = steps.get(i);
            if (s.stage() == stage) {
                List<String> all = new ArrayList<>(s.cautions());
                all.addAll(words);
                steps.set(
                        i,
                        new Step(s.number(), s.stage(), s.rows(), s.shares(), s.words(), s.minutes(), s.loops(), all));
                return;
            }
        }
    }

    /** Every tail, in the order in which the rows are undone. */
    private List<SheetTail> tails() {
        List<RowId> order = plan.braiding().takedown();
        return plan.braiding().tails().stream()
                .sorted(Comparator.comparingInt((Tail t) -> order.indexOf(t.row())))
                .map(t -> new SheetTail(
                        t.row(),
                        t.end(),
                        t.into().orElse(null),
                        plan.scalp()
                                .placeWords(Objects.requireNonNull(rows.get(t.row()))
                                        .path()
                                        .end())))
                .toList();
    }
}
