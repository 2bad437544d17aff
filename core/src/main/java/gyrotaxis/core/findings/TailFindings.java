package gyrotaxis.core.findings;

import static gyrotaxis.core.quantity.Quantity.mm;
import static gyrotaxis.core.quantity.Quantity.times;

import gyrotaxis.core.braiding.Reach;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.braiding.Tail.Origin;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is to be said about tails: loose ends, tails that are too short or only hooked in, and bulk. */
final class TailFindings {
    /** One loose end, or two, is what to aim for. */
    static final int MAX_LOOSE_ENDS = 2;

    /** A nape with more bulk than this in one spot humps. ASSUMPTION: three tails' worth on one row. */
    static final double HUMP_BULK = 2.9;

    /** More tails than this gathering at the nape hump even when they are spread. ASSUMPTION. */
    static final int HUMP_TAILS = 6;

    /** Bulk that shows through curly hair even on top. ASSUMPTION. */
    static final double GROWN_BULK = 6;

    /** From here back a tail lies at the nape. */
    private static final double NAPE_FROM = 0.8;

    /** Level rows that a remedy asks for. ASSUMPTION: as many as take the tails of a usual front. */
    private static final int USUAL_LEVELS = 4;

    private final FindingList list;
    private final InstallBrief brief;
    private final FoundationBrief asked;

    TailFindings(FindingList list) {
        this.list = list;
        this.brief = list.brief;
        this.asked = brief.foundation();
    }

    void look() {
        loose();
        tooShort();
        hooked();
        hump();
        bulk();
    }

    private boolean isActive() {
        return brief.consultation().habits().stream()
                .anyMatch(h -> h == Habit.WIND || h == Habit.SPORT || h == Habit.SWIMMING);
    }

    private void loose() {
        List<Tail> loose = tails(TailEnd.LOOSE);
        Severity severity = loose.size() > MAX_LOOSE_ENDS || isActive() ? Severity.WARNING : Severity.HINT;
        for (Tail t : loose) {
            List<Remedy> remedies = new ArrayList<>();
            remedies.add(secured("Stitch it down", List.of(t.row())));
            if (loose.size() > 1) {
                remedies.add(secured(
                        "Stitch all " + loose.size(),
                        loose.stream().map(Tail::row).toList()));
            }
            list.add(
                    Code.LOOSE_END,
                    severity,
                    FindingList.row(t.row()),
                    Sentence.of(
                            t.row().words(),
                            " ends loose ",
                            place(t),
                            ". Stitch it down with thread of another colour, to be found at takedown."),
                    remedies);
        }
    }

    private void tooShort() {
        Reach reach = Reach.of(brief.ownHair());
        // Wherever a tail is sent by hand, it gets no further than her hair does.
        List<Tail> tails = list.laid.braiding().tails().stream()
                .filter(t -> t.end() == TailEnd.TOO_SHORT || (t.origin() == Origin.CHOSEN && !reach.gets(t)))
                .toList();
        if (tails.isEmpty()) {
            return;
        }
        List<RowId> rows = tails.stream().map(Tail::row).toList();
        List<Optional<Remedy>> remedies = new ArrayList<>();
        remedies.add(Optional.of(secured(rows.size() == 1 ? "Pin it flat" : "Pin them flat", rows, TailEnd.PINNED)));
        if (rows.size() > MAX_LOOSE_ENDS) {
            remedies.add(Optional.of(secured("Gather them in a low ponytail", rows, TailEnd.PONYTAIL)));
            int behind = Math.max(
                    Back.MIN_ROWS,
                    Math.min(asked.frontRows(), Math.max(USUAL_LEVELS, FoundationBrief.rowsOf(asked.back()))));
            if (!(asked.back() instanceof Back.Capped)) {
                remedies.add(list.lay(
                        "Put a mesh cap over the back", asked.withBack(new Back.Capped(behind, 20, false, false))));
            }
        }
        String who = rows.size() == 1 ? rows.get(0).words() + " ends" : rows.size() + " rows end";
        list.add(
                Code.TAIL_TOO_SHORT,
                rows.size() > MAX_LOOSE_ENDS ? Severity.WARNING : Severity.HINT,
                FindingList.row(rows.get(0)),
                Sentence.of(
                        who,
                        " too short to reach another row: her own hair is ",
                        mm(brief.ownHair().lengthMm()),
                        " long, and two fingers must be left past the entry."),
                FindingList.those(remedies));
    }

    private void hooked() {
        List<Tail> threaded = tails(TailEnd.THREADED);
        if (threaded.isEmpty()) {
            return;
        }
        List<Optional<Remedy>> remedies = new ArrayList<>();
        if (asked.back() instanceof Back.Switchback s && asked.overlaysMm().isEmpty()) {
            remedies.add(list.lay(
                    "Collect them in a row down each side",
                    asked.withTails(List.of())
                            .withBack(new Back.Switchback(s.levels(), s.startsOnRight(), Back.FrontTails.COLLECTED))));
        }
        list.add(
                Code.TAILS_ONLY_HOOKED,
                isActive() ? Severity.WARNING : Severity.HINT,
                FindingList.row(threaded.get(0).row()),
                (threaded.size() == 1 ? "1 tail is" : threaded.size() + " tails are")
                        + " only hooked under other rows; such tails work loose and are then taken for fibre. Stitch each with thread of another colour.",
                FindingList.those(remedies));
    }

    private void hump() {
        List<Tail> atNape = list.laid.braiding().tails().stream()
                .filter(t -> t.thread().isPresent() && isAtNape(t.thread().get().end()))
                .toList();
        double bulk = atNape.stream().mapToDouble(Tail::bulk).max().orElse(1);
        // Ends of singles are thin: they count by their thickness, in the bulk, and not one by one.
        long ends = atNape.stream()
                .filter(t -> t.row().section() != Section.INDIVIDUAL)
                .count();
        if (bulk <= HUMP_BULK && ends <= HUMP_TAILS) {
            return;
        }
        List<TailChoice> others = asked.tails().stream()
                .filter(c -> atNape.stream().noneMatch(t -> t.row().equals(c.row())))
                .toList();
        List<Optional<Remedy>> remedies = new ArrayList<>();
        if (others.size() < asked.tails().size()) {
            remedies.add(Optional.of(new Remedy(
                    "Send these tails where they add least", brief.withFoundation(asked.withTails(others)))));
        }
        if (!(asked.back() instanceof Back.Switchback)) {
            remedies.add(list.lay(
                    "Braid the back as a switchback",
                    asked.withTails(others)
                            .withBack(new Back.Switchback(USUAL_LEVELS, true, Back.FrontTails.THREADED))));
            remedies.add(list.lay(
                    "Braid the back as a switchback, the tails collected down each side",
                    asked.withTails(others)
                            .withBack(new Back.Switchback(USUAL_LEVELS, false, Back.FrontTails.COLLECTED))));
            remedies.add(list.lay("Tie the back across", asked.withTails(others).withBack(new Back.CrossTied())));
        }
        list.add(
                Code.HUMP,
                bulk > HUMP_BULK ? Severity.WARNING : Severity.HINT,
                FindingList.row(atNape.get(0).row()),
                Sentence.of(
                        (int) ends,
                        " tails gather at the nape, the thickest spot ",
                        times(bulk),
                        " a single row: a hump that shows."),
                FindingList.those(remedies));
    }

    private void bulk() {
        Optional<Tail> most = list.laid.braiding().tails().stream()
                .filter(t -> t.bulk() > GROWN_BULK && t.into().isPresent())
                .max(java.util.Comparator.comparingDouble(Tail::bulk));
        if (most.isEmpty()) {
            return;
        }
        RowId into = most.get().into().orElseThrow();
        List<Optional<Remedy>> remedies = new ArrayList<>();
        if (asked.back() instanceof Back.Switchback s && into.section() == Section.COLLECTOR) {
            remedies.add(list.lay(
                    "Thread the tails one by one instead",
                    asked.withBack(new Back.Switchback(s.levels(), s.startsOnRight(), Back.FrontTails.THREADED))));
        }
        list.add(
                Code.BULK_GROWS,
                Severity.HINT,
                FindingList.row(into),
                Sentence.of(
                        into.words(),
                        " grows to ",
                        times(Math.sqrt(most.get().bulk())),
                        " its own thickness where the last tail comes in."),
                FindingList.those(remedies));
    }

    private boolean isAtNape(Vec3 p) {
        return list.laid.scalp().frontToNape(p) > NAPE_FROM;
    }

    private Sentence place(Tail t) {
        return list.laid
                .foundation()
                .row(t.row())
                .map(r -> list.laid.scalp().placeWords(r.path().end()))
                .orElse(Sentence.of());
    }

    private List<Tail> tails(TailEnd end) {
        return list.laid.braiding().tails().stream().filter(t -> t.end() == end).toList();
    }

    private Remedy secured(String words, List<RowId> rows) {
        return secured(words, rows, TailEnd.STITCHED);
    }

    private Remedy secured(String words, List<RowId> rows, TailEnd end) {
        List<TailChoice> tails = new ArrayList<>(asked.tails());
        tails.removeIf(c -> rows.contains(c.row()));
        rows.forEach(r -> tails.add(TailChoice.secured(r, end)));
        return new Remedy(words, brief.withFoundation(asked.withTails(tails)));
    }
}
