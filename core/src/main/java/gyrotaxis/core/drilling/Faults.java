package gyrotaxis.core.drilling;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A plan in which something was spoilt by hand. What is wrong, and where, is what the findings say of it afterwards; a place that they
 * have anything against is never among the sound ones.
 */
final class Faults implements Maker {
    private static final int MIN_SOUND = 2;

    /** From here on more than one is spoilt, and it is not said how many. */
    private static final int SEVERAL_FROM = 4;

    private static final double WIDER = 2.4;
    private static final double NARROWER = 0.4;

    /** What can be spoilt on a plan, and the finding that it then has. */
    private enum Fault {
        LOOSE(Code.LOOSE_END, 1),
        THICK(Code.ROPE_THICK_ROWS, 1),
        NARROW(Code.ROWS_TOO_NARROW, 2),
        SLIPPING(Code.KNOT_SLIPS, 2),
        SHOWING(Code.KNOT_SHOWS, 3);

        private final Code code;
        private final int from;

        Fault(Code code, int from) {
            this.code = code;
            this.from = from;
        }
    }

    /** What was spoilt: the brief afterwards, and where. */
    private record Spoilt(InstallBrief brief, RowId row, Optional<Station> share) {}

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan sound = draft.head();
        List<Fault> faults = draft.by()
                .some(
                        Stream.of(Fault.values())
                                .filter(f -> f.from <= draft.level())
                                .toList(),
                        draft.level() < SEVERAL_FROM ? 1 : 2);
        InstallBrief brief = sound.brief();
        Map<Fault, Spoilt> planted = new HashMap<>();
        for (Fault f : faults) {
            Set<RowId> taken = new HashSet<>();
            planted.values().forEach(s -> taken.add(s.row));
            Optional<Spoilt> spoilt = spoil(draft, sound, brief, f, taken);
            if (spoilt.isEmpty()) {
                return Optional.empty();
            }
            planted.put(f, spoilt.get());
            brief = spoilt.get().brief;
        }
        InstallPlan plan = draft.planner().aside(brief);
        List<Finding> findings = Findings.of(plan);
        TreeSet<String> right = new TreeSet<>();
        Map<String, Sentence> reasons = new HashMap<>();
        List<Choice> choices = new ArrayList<>();
        for (Fault f : faults) {
            Optional<Choice> choice = found(plan, findings, f, Objects.requireNonNull(planted.get(f)));
            if (choice.isEmpty()) {
                return Optional.empty();
            }
            choices.add(choice.get());
            right.add(choice.get().id());
            findings.stream()
                    .filter(x -> x.code() == f.code)
                    .findFirst()
                    .ifPresent(x -> reasons.put(choice.get().id(), x.reason()));
        }
        return drill(draft, plan, findings, choices, right, reasons);
    }

    private static Optional<Drill> drill(
            Draft draft,
            InstallPlan plan,
            List<Finding> findings,
            List<Choice> wrong,
            TreeSet<String> right,
            Map<String, Sentence> reasons) {
        Set<RowId> held = new HashSet<>();
        wrong.forEach(c -> c.row().ifPresent(held::add));
        List<Choice> sound = new ArrayList<>(sound(plan, findings, held));
        int count = MIN_SOUND + draft.level();
        if (sound.size() < count) {
            return Optional.empty();
        }
        List<Choice> all = new ArrayList<>(wrong);
        all.addAll(draft.by().some(sound, count));
        List<Choice> choices = draft.by().some(all, all.size());
        String asked = draft.level() >= SEVERAL_FROM
                ? "Look this plan over. Where is something wrong?"
                : "Look this plan over. At which of these places is something wrong?";
        return Optional.of(draft.about(
                plan,
                Drill.Shows.TAILS,
                Sentence.of(asked),
                new Ask.Pick(choices, draft.level() < SEVERAL_FROM),
                new Picking(choices, right, id -> why(id, choices, reasons))));
    }

    private static Sentence why(String id, List<Choice> choices, Map<String, Sentence> reasons) {
        Sentence wrong = reasons.get(id);
        return wrong != null
                ? wrong
                : Sentence.of(
                        "Nothing is to be said against ",
                        choices.stream()
                                .filter(c -> c.id().equals(id))
                                .findFirst()
                                .orElseThrow()
                                .words(),
                        ".");
    }

    private static Optional<Spoilt> spoil(
            Draft draft, InstallPlan sound, InstallBrief brief, Fault fault, Set<RowId> taken) {
        Predicate<RowId> isFree = id -> !taken.contains(id);
        return switch (fault) {
            case LOOSE ->
                one(
                                draft,
                                sound.braiding().tails().stream()
                                        .filter(t ->
                                                isFree.test(t.row()) && t.end().isSecured())
                                        .toList())
                        .map(t -> loosened(brief, t));
            case THICK -> resized(draft, sound, brief, isFree, WIDER);
            case NARROW -> resized(draft, sound, brief, isFree, NARROWER);
            case SLIPPING ->
                one(
                                draft,
                                sound.stations().stream()
                                        .filter(s -> isFree.test(s.id().row())
                                                && s.tie().knot().hasPasses()
                                                && s.tie().passes() > 1)
                                        .toList())
                        .map(s -> edited(sound, brief, s, new StationEdit.Pass(s.id().row(), at(sound, s), 1)));
            case SHOWING ->
                one(
                                draft,
                                sound.stations().stream()
                                        .filter(s -> isFree.test(s.id().row()) && s.role() == Role.PART)
                                        .toList())
                        .map(s -> edited(
                                sound, brief, s, new StationEdit.Retie(s.id().row(), at(sound, s), Knot.REGULAR)));
        };
    }

    private static <T> Optional<T> one(Draft draft, List<T> of) {
        return of.isEmpty() ? Optional.empty() : Optional.of(draft.by().one(of));
    }

    private static Spoilt loosened(InstallBrief brief, Tail t) {
        List<TailChoice> tails = new ArrayList<>(brief.foundation().tails());
        tails.add(TailChoice.secured(t.row(), TailEnd.LOOSE));
        return new Spoilt(brief.withFoundation(brief.foundation().withTails(tails)), t.row(), Optional.empty());
    }

    private static Optional<Spoilt> resized(
            Draft draft, InstallPlan sound, InstallBrief brief, Predicate<RowId> isFree, double factor) {
        List<Row> rows = sound.foundation().rowsOf(Section.FRONT).stream()
                .filter(r -> isFree.test(r.id()) && r.id().piece() == 1)
                .toList();
        return one(draft, rows).map(r -> {
            List<RowEdit> edits = new ArrayList<>(brief.foundation().edits());
            edits.add(new RowEdit.Resize(r.id(), factor));
            return new Spoilt(brief.withFoundation(brief.foundation().withEdits(edits)), r.id(), Optional.empty());
        });
    }

    private static Spoilt edited(InstallPlan sound, InstallBrief brief, Station s, StationEdit edit) {
        HookingBrief hooking = brief.hooking();
        List<StationEdit> edits = new ArrayList<>(hooking.edits());
        edits.add(edit);
        return new Spoilt(brief.withHooking(hooking.withEdits(edits)), s.id().row(), Optional.of(s));
    }

    private static double at(InstallPlan plan, Station s) {
        return s.partOf(plan.foundation().row(s.id().row()).orElseThrow());
    }

    /** What was spoilt, as a choice, if the findings put their finger on it and on nothing else of its kind. */
    private static Optional<Choice> found(InstallPlan plan, List<Finding> findings, Fault fault, Spoilt spoilt) {
        List<Finding> of = findings.stream().filter(f -> f.code() == fault.code).toList();
        if (spoilt.share.isEmpty()) {
            boolean isThere = of.stream().anyMatch(f -> f.place().equals(new Place.OnRow(spoilt.row)));
            return isThere ? plan.foundation().row(spoilt.row).map(r -> row(plan, r)) : Optional.empty();
        }
        return of.stream()
                .filter(f -> f.place() instanceof Place.AtStation a
                        && a.station().row().equals(spoilt.row))
                .map(f -> ((Place.AtStation) f.place()).station())
                .flatMap(id -> plan.stations().stream().filter(s -> s.id().equals(id)))
                .filter(s -> s.chart().distance(spoilt.share.get().chart()) < StationEdit.REACH_MM && s.byHand())
                .findFirst()
                .map(s -> share(plan, s));
    }

    private static Choice row(InstallPlan plan, Row r) {
        String end = plan.braiding()
                .tailOf(r.id())
                .map(t -> t.end().words() + t.into().map(i -> " " + i.words()).orElse(""))
                .orElseGet(() -> r.joins().map(j -> "joins " + j.words()).orElse("no end of its own"));
        return new Choice(
                r.id().toString(),
                r.id().words() + ": " + end,
                Optional.of(r.id()),
                Optional.of(r.path().chartAt(r.lengthMm() / 2)));
    }

    private static Choice share(InstallPlan plan, Station s) {
        return new Choice(
                s.id().toString(),
                s.share().words() + " on " + s.id().row().words() + ": "
                        + s.tie().words(),
                Optional.of(s.id().row()),
                Optional.of(s.chart()));
    }

    /** Places that nothing is said against: neither rows nor shares of any finding, and shares that last and are not seen. */
    private static List<Choice> sound(InstallPlan plan, List<Finding> findings, Set<RowId> held) {
        Set<RowId> named = new HashSet<>(held);
        for (Finding f : findings) {
            if (f.place() instanceof Place.OnRow r) {
                named.add(r.row());
            } else if (f.place() instanceof Place.AtStation a) {
                named.add(a.station().row());
            }
        }
        Set<Code> codes = EnumSet.noneOf(Code.class);
        findings.forEach(f -> codes.add(f.code()));
        Stream<Choice> rows = plan.foundation().rows().stream()
                .filter(r -> !named.contains(r.id()))
                .map(r -> row(plan, r));
        Stream<Choice> shares = plan.stations().stream()
                .filter(s -> !named.contains(s.id().row())
                        && plan.hooked().lasts(s, plan.brief().demand())
                        && (s.role() != Role.PART || !codes.contains(Code.KNOT_SHOWS)))
                .map(s -> share(plan, s));
        return Stream.concat(rows, shares).toList();
    }
}
