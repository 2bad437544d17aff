package gyrotaxis.core.drilling;

import gyrotaxis.core.braiding.Braiding.Bind;
import gyrotaxis.core.braiding.Reach;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Ask.Thread;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiPredicate;
import org.jspecify.annotations.Nullable;

/**
 * At takedown: which threads that hang from the rows are fibre, and which are the tails of her own hair; and whose share comes first, since
 * rows come out in reverse of how their tails were fed.
 */
final class MayBeCut implements Maker {
    private static final int MIN = 3;

    /** From here on some of the shares hang on rows of which one must come out before the other. */
    private static final int IN_ORDER_FROM = 2;

    /** From here on what it looks like is shown and no longer said. */
    private static final int BY_LOOK_FROM = 3;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.head();
        int count = MIN + draft.level();
        List<Tail> own = draft.by().some(plan.braiding().tails(), 1 + draft.level() / 2);
        List<Bind> binds = joins(plan);
        List<Station> fibre = fibre(draft, plan, binds, count - own.size());
        if (own.isEmpty() || fibre.isEmpty()) {
            return Optional.empty();
        }
        Map<String, Sentence> reasons = new TreeMap<>();
        Map<String, RowId> rows = new TreeMap<>();
        List<Choice> choices = new ArrayList<>();
        for (Station s : fibre) {
            String id = "share " + s.id();
            rows.put(id, s.id().row());
            choices.add(choice(draft, id, look(s), s.id().row(), s.chart()));
            reasons.put(
                    id,
                    Sentence.of(
                            "A share on ",
                            s.id().row().words(),
                            ": ",
                            look(s).words(),
                            ". It is fibre: pull it straight out from the head and cut it close to the row, never the row."));
        }
        for (Tail t : own) {
            String id = "tail " + t.row();
            choices.add(choice(draft, id, look(t), t.into().orElse(t.row()), at(plan, t)));
            reasons.put(id, ownHair(plan, t));
        }
        List<Choice> shown = choices.stream()
                .sorted(Comparator.comparing((Choice c) -> -c.at().orElseThrow().y())
                        .thenComparing(Choice::id))
                .toList();
        List<RowId> order = plan.braiding().takedown();
        List<String> right = rows.keySet().stream()
                .sorted(Comparator.comparing((String id) -> order.indexOf(rows.get(id))))
                .toList();
        BiPredicate<String, String> comesFirst =
                (sooner, later) -> comesOutFirst(rows.get(sooner), rows.get(later), binds);
        boolean isInOrder = right.stream().anyMatch(a -> right.stream().anyMatch(b -> comesFirst.test(a, b)));
        return Optional.of(draft.about(
                plan,
                Drill.Shows.ROWS,
                Sentence.of(
                        "She is to be taken down. Which of these may be cut",
                        isInOrder ? ", and which before which?" : "?"),
                new Ask.Turns(shown),
                new InTurn(
                        shown,
                        right,
                        comesFirst,
                        id -> Objects.requireNonNull(reasons.get(id)),
                        (sooner, later) -> tooSoon(rows.get(sooner), rows.get(later)))));
    }

    /** What can be seen to bind them: rows that run on into others. Where tails go is not drawn, since it is asked. */
    private static List<Bind> joins(InstallPlan plan) {
        return RowOrders.closure(plan.foundation().rows().stream()
                .flatMap(r -> r.joins().map(to -> new Bind(r.id(), to)).stream())
                .toList());
    }

    private static List<Station> fibre(Draft draft, InstallPlan plan, List<Bind> binds, int count) {
        List<Station> some = new ArrayList<>();
        if (draft.level() >= IN_ORDER_FROM) {
            for (Bind b : draft.by().some(binds, 1)) {
                for (RowId row : List.of(b.first(), b.then())) {
                    some.addAll(draft.by()
                            .some(
                                    plan.stations().stream()
                                            .filter(s -> s.id().row().equals(row))
                                            .toList(),
                                    1));
                }
            }
        }
        List<Station> others =
                plan.stations().stream().filter(s -> !some.contains(s)).toList();
        some.addAll(draft.by().some(others, count - some.size()));
        return some;
    }

    /** What was braided in last comes out first. */
    private static boolean comesOutFirst(@Nullable RowId sooner, @Nullable RowId later, List<Bind> binds) {
        return sooner != null && later != null && binds.contains(new Bind(later, sooner));
    }

    private static Sentence tooSoon(@Nullable RowId sooner, @Nullable RowId later) {
        return sooner == null || later == null
                ? Sentence.of()
                : Sentence.of(
                                sooner.words(),
                                " holds the end of ",
                                later.words(),
                                ", so it comes out first: its shares are cut before those of the other, and no row is undone with fibre in it.")
                        .capital();
    }

    private static Sentence ownHair(InstallPlan plan, Tail t) {
        return Sentence.of(
                "The tail of ",
                t.row().words(),
                ", ",
                t.end().words(),
                t.into().map(r -> " " + r.words()).orElse(""),
                ": her own hair. Cut there, up to ",
                Quantity.mm(Reach.of(plan.brief().ownHair()).tailMm()),
                " of it would be gone. Find and mark every tail before the first cut.");
    }

    private static Choice choice(Draft draft, String id, Thread seen, RowId row, Vec2 at) {
        String words = draft.level() < BY_LOOK_FROM ? seen.words() : "on " + row.words();
        return new Choice(id, words, Optional.of(row), Optional.of(at), Optional.of(seen));
    }

    private static Thread look(Station s) {
        return s.tie().knot() == Knot.DOUBLE_ENTRY ? Thread.LEGS_AT_EACH_SIDE : Thread.LEGS_FROM_A_KNOT;
    }

    private static Thread look(Tail t) {
        return switch (t.end()) {
            case FED, LAID -> Thread.END_OUT_OF_A_ROW;
            case THREADED -> Thread.END_BESIDE_A_ROW;
            case STITCHED -> Thread.END_UNDER_THREAD;
            case PINNED -> Thread.END_UNDER_A_PIN;
            case BANDED, PONYTAIL -> Thread.ENDS_IN_A_BAND;
            case LOOSE, TOO_SHORT -> Thread.LOOSE_END;
        };
    }

    private static Vec2 at(InstallPlan plan, Tail t) {
        if (t.into().isPresent()) {
            Path into = plan.foundation().row(t.into().get()).orElseThrow().path();
            return into.chartAt(Math.min(t.entryMm(), into.lengthMm()));
        }
        Path own = plan.foundation().row(t.row()).orElseThrow().path();
        return own.chartAt(own.lengthMm());
    }
}
