package gyrotaxis.core.training;

import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.DrillKind;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All that one learner tried, and what follows from it.
 *
 * @param skills every kind of drill, in the order in which they are learned
 */
public record Training(List<Skill> skills) {
    /** What its times are told in. */
    public static final Duration DAY = Duration.ofDays(1);

    /** So many right answers one after the other lead a level up, and so many missed ones down. */
    private static final int UP = 3;

    private static final int DOWN = 2;

    /** A question that took her less than this part of her usual time was easy. */
    private static final double QUICK = 0.5;

    /** So many tries it takes before her usual time is known. */
    private static final int KNOWN_FROM = 5;

    public Training {
        skills = List.copyOf(skills);
    }

    /** What follows from what was tried, in whatever order it is told. */
    public static Training of(List<Tried> tried) {
        Map<DrillKind, Run> runs = new EnumMap<>(DrillKind.class);
        tried.stream()
                .sorted(Comparator.comparing(Tried::at))
                .forEach(t -> runs.computeIfAbsent(t.kind(), k -> new Run()).add(t));
        return new Training(Arrays.stream(DrillKind.values())
                .map(k -> runs.getOrDefault(k, new Run()).skill(k))
                .toList());
    }

    /**
     * What she is best asked next: what is due, the most forgotten first; then what is new, in order; then whatever she knows least.
     *
     * <p>What she has just been asked comes again only where nothing else is due or new.
     */
    public Skill next(Instant now) {
        Optional<DrillKind> justNow = skills.stream()
                .filter(s -> s.last().isPresent())
                .max(Comparator.comparing(s -> s.last().orElseThrow()))
                .map(Skill::kind);
        Comparator<Skill> leastKnown = Comparator.comparingDouble(s -> s.known(now));
        List<Skill> others = skills.stream()
                .filter(s -> !justNow.equals(Optional.of(s.kind())))
                .toList();
        return others.stream()
                .filter(s -> s.isDue(now))
                .min(leastKnown)
                .or(() -> others.stream().filter(s -> s.tries() == 0).findFirst())
                .or(() -> others.stream().min(leastKnown))
                .orElseThrow();
    }

    static double days(Instant from, Instant to) {
        return Math.max(0, (double) Duration.between(from, to).toMillis() / DAY.toMillis());
    }

    /** One kind of drill, try by try. */
    private static final class Run {
        private int level = (int) Drill.LEVELS.min();
        private int tries;
        private int right;
        private int inARow;
        private double seconds;
        private Optional<Memory> memory = Optional.empty();
        private Optional<Instant> last = Optional.empty();

        void add(Tried t) {
            boolean isQuick = tries >= KNOWN_FROM && t.seconds() < QUICK * seconds / tries;
            Grade grade = Grade.of(t.isRight(), t.score(), isQuick);
            double days = last.map(at -> days(at, t.at())).orElse(0.0);
            memory = Optional.of(memory.map(m -> m.after(grade, days)).orElseGet(() -> Memory.first(grade)));
            last = Optional.of(t.at());
            tries++;
            seconds += t.seconds();
            right += t.isRight() ? 1 : 0;
            step(t);
        }

        /** Only answers at her own level or a harder one lead up, and at her own or an easier one down. */
        private void step(Tried t) {
            if (t.isRight() ? t.level() < level : t.level() > level) {
                return;
            }
            inARow = t.isRight() ? Math.max(0, inARow) + 1 : Math.min(0, inARow) - 1;
            if (inARow >= UP || inARow <= -DOWN) {
                int to = level + Integer.signum(inARow);
                level = (int) Math.max(Drill.LEVELS.min(), Math.min(Drill.LEVELS.max(), to));
                inARow = 0;
            }
        }

        Skill skill(DrillKind kind) {
            return new Skill(kind, level, tries, right, memory, last);
        }
    }
}
