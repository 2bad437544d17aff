package gyrotaxis.core.learn;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.stock.LineId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * What is known of somebody's hands and of a hair, by all visits up to a day.
 *
 * <p>Hands are learned from all visits of a stylist. Hair is learned from her visits with lines of the same texture, and from there on
 * from those with the same line: what holds for the texture is what is usual for the line. A visit that is too odd to count in at least half
 * of what it says counts in none of it: a clock that ran on, or hair that was lost, is seldom alone.
 *
 * @param asOf the day up to which visits count
 * @param lessons one for each figure there is
 */
public record Learning(LocalDate asOf, Map<Known, Lesson> lessons) {
    /** What weighs less is too odd to count. */
    private static final double HARDLY = 0.2;

    public Learning {
        EnumMap<Known, Lesson> all = new EnumMap<>(Known.class);
        all.putAll(lessons);
        lessons = Map.copyOf(all);
    }

    /**
     * Of whom and of what it is asked.
     *
     * @param stylist whose hands; empty for anybody's
     * @param line which hair; empty for any of the texture
     */
    public record About(Optional<UUID> stylist, Texture texture, Optional<LineId> line) {}

    /**
     * What a stylist wants otherwise.
     *
     * @param leftOut visits that do not count
     * @param refused figures for which she keeps to what is usual
     */
    public record Wishes(Set<UUID> leftOut, Set<Known> refused) {
        public static final Wishes NONE = new Wishes(Set.of(), Set.of());

        public Wishes {
            leftOut = Set.copyOf(leftOut);
            refused = Set.copyOf(refused);
        }
    }

    /** What is known. Visits after the day do not count; their order does not matter. */
    public static Learning of(List<Seen> visits, About about, Wishes wishes, LocalDate asOf) {
        List<Seen> hers = visits.stream()
                .filter(s -> !s.day().isAfter(asOf))
                .filter(s -> about.stylist().isEmpty() || s.stylist().equals(about.stylist()))
                .sorted(Comparator.comparing(Seen::day).thenComparing(Seen::visit))
                .toList();
        Map<Known, Lesson> each = lessons(hers, about, wishes, Set.of());
        Set<UUID> odd = odd(each.values());
        return new Learning(asOf, odd.isEmpty() ? each : lessons(hers, about, wishes, odd));
    }

    private static Map<Known, Lesson> lessons(List<Seen> hers, About about, Wishes wishes, Set<UUID> odd) {
        EnumMap<Known, Lesson> lessons = new EnumMap<>(Known.class);
        for (Known what : Known.values()) {
            lessons.put(what, lesson(what, hers, about, new Counting(wishes, odd)));
        }
        return lessons;
    }

    /** Visits that are too odd to count in at least half of what they say. */
    private static Set<UUID> odd(Collection<Lesson> lessons) {
        Map<UUID, int[]> told = new HashMap<>();
        for (Lesson l : lessons) {
            // Of what was seen but once nobody can say whether it is odd.
            if (l.visits() > 0) {
                for (Lesson.Point p : l.points()) {
                    int[] n = told.computeIfAbsent(p.visit(), v -> new int[2]);
                    n[0] += p.weight() < HARDLY && !p.isLeftOut() ? 1 : 0;
                    n[1]++;
                }
            }
        }
        Set<UUID> odd = new HashSet<>();
        told.forEach((visit, n) -> {
            if (n[0] >= 2 && 2 * n[0] >= n[1]) {
                odd.add(visit);
            }
        });
        return odd;
    }

    /** Which visits count. */
    private record Counting(Wishes wishes, Set<UUID> odd) {
        boolean takes(Seen s) {
            return !wishes.leftOut().contains(s.visit()) && !odd.contains(s.visit());
        }
    }

    private static Lesson lesson(Known what, List<Seen> hers, About about, Counting counting) {
        if (what.of() == Known.Of.STYLIST) {
            return drawn(what, what.usual(), Lesson.From.HANDS, hers, s -> true, counting);
        }
        Lesson ofTexture =
                drawn(what, what.usual(), Lesson.From.TEXTURE, hers, s -> s.texture() == about.texture(), counting);
        long withLine = hers.stream()
                .filter(s -> about.line().isPresent()
                        && s.line().equals(about.line())
                        && s.values().containsKey(what)
                        && counting.takes(s))
                .count();
        if (withLine < Shrinkage.MIN_VISITS) {
            return ofTexture;
        }
        // What is usual for a line is what other lines of its texture say, so that no visit counts twice.
        Lesson ofOthers = drawn(
                what,
                what.usual(),
                Lesson.From.TEXTURE,
                hers,
                s -> s.texture() == about.texture() && !s.line().equals(about.line()),
                counting);
        Lesson ofLine = drawn(
                what, ofOthers.value(), Lesson.From.LINE, hers, s -> s.line().equals(about.line()), counting);
        return new Lesson(what, what.usual(), ofLine.value(), ofLine.from(), ofLine.points(), ofLine.isRefused());
    }

    private static Lesson drawn(
            Known what, double usual, Lesson.From from, List<Seen> visits, Predicate<Seen> counts, Counting counting) {
        List<Seen> seen = visits.stream()
                .filter(s -> counts.test(s) && s.values().containsKey(what))
                .toList();
        List<Seen> taken = seen.stream().filter(counting::takes).toList();
        Shrinkage toward = Shrinkage.of(
                what, usual, taken.stream().map(s -> valueOf(s, what)).toList());
        List<Lesson.Point> points = new ArrayList<>();
        for (Seen s : seen) {
            int at = taken.indexOf(s);
            points.add(new Lesson.Point(
                    s.visit(),
                    s.day(),
                    valueOf(s, what),
                    at < 0 ? 0 : toward.weights().get(at),
                    at < 0));
        }
        return new Lesson(
                what,
                usual,
                toward.value(),
                taken.isEmpty() ? Lesson.From.NOWHERE : from,
                points,
                counting.wishes().refused().contains(what));
    }

    private static double valueOf(Seen s, Known what) {
        return s.values().getOrDefault(what, what.usual());
    }

    /** As it enters a brief: what was learned and is not refused. */
    public Learned learned() {
        EnumMap<Known, Learned.Value> values = new EnumMap<>(Known.class);
        lessons.forEach((what, l) -> {
            if (l.isTaken()) {
                values.put(what, new Learned.Value(l.value(), l.visits()));
            }
        });
        return values.isEmpty() ? Learned.NOTHING : new Learned(Optional.of(asOf), values);
    }
}
