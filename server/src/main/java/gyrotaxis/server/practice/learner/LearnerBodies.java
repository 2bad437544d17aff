package gyrotaxis.server.practice.learner;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.training.Hands;
import gyrotaxis.core.training.Leaning;
import gyrotaxis.core.training.Skill;
import gyrotaxis.core.training.Training;
import gyrotaxis.core.training.Tried;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is asked and answered about those who practise. */
final class LearnerBodies {
    private static final int MAX_NAME_LENGTH = 80;
    private static final double PERCENT = 100;

    private LearnerBodies() {}

    /** Somebody who wants to practise, by her name. */
    record LearnerBody(@Nullable String name) {
        String check() {
            Fields f = new Fields();
            String checked = f.text("name", "The name", name, MAX_NAME_LENGTH);
            return f.orRefuse(() -> checked);
        }
    }

    /** Somebody who practises. */
    record LearnerView(UUID id, String name) {
        static LearnerView of(Learner l) {
            return new LearnerView(l.id(), l.name());
        }
    }

    /**
     * How far she is.
     *
     * @param next what she is best asked next
     * @param skills every kind, in the order in which they are learned
     * @param guesses numbers that she guessed, the oldest first
     * @param hands work of her hands, the oldest first
     * @param pacePercent how long her hands take against usual ones, as a method keeps it; null where nothing was timed that held
     */
    record ProgressView(
            LearnerView learner,
            SkillView next,
            List<SkillView> skills,
            List<GuessView> guesses,
            List<HandsView> hands,
            @Nullable @Schema(nullable = true) Integer pacePercent) {}

    static @Nullable Integer pacePercent(List<Hands> runs) {
        OptionalDouble pace = Hands.pace(runs, Speeds.usual(Installer.STYLIST));
        return pace.isEmpty() ? null : (int) Math.rint(pace.getAsDouble() * PERCENT);
    }

    /**
     * How far she is in one kind of drill.
     *
     * @param knownPercent the chance that she still knows it a day from now: right after an answer, wrong ones too, it is known for sure
     * @param dueAt when it is to be asked again, ms since 1970; null before the first try
     */
    record SkillView(
            DrillKind kind,
            String words,
            int level,
            int tries,
            int right,
            int knownPercent,
            boolean isDue,
            @Nullable @Schema(nullable = true) Long dueAt) {
        static SkillView of(Skill s, Instant now) {
            return new SkillView(
                    s.kind(),
                    s.kind().words(),
                    s.level(),
                    s.tries(),
                    s.right(),
                    (int) Math.rint(s.known(now.plus(Training.DAY)) * PERCENT),
                    s.isDue(now),
                    s.due().map(Instant::toEpochMilli).orElse(null));
        }
    }

    /**
     * A number that she guessed.
     *
     * @param overPercent how much too much, below 0 where too little
     * @param latelyPercent the middle of the last few of its kind up to it
     * @param lately that in words
     */
    record GuessView(
            DrillKind kind, long at, double said, double isSo, int overPercent, int latelyPercent, String lately) {
        /** All that were guessed, the oldest first. */
        static List<GuessView> of(List<Tried> tried) {
            Map<DrillKind, List<Tried>> byKind =
                    tried.stream().filter(t -> t.guess().isPresent()).collect(Collectors.groupingBy(Tried::kind));
            return byKind.values().stream()
                    .flatMap(GuessView::ofKind)
                    .sorted(Comparator.comparingLong(GuessView::at))
                    .toList();
        }

        private static Stream<GuessView> ofKind(List<Tried> tried) {
            List<Tried.Guess> guesses =
                    tried.stream().flatMap(t -> t.guess().stream()).toList();
            List<Leaning> lately = Leaning.along(guesses);
            return IntStream.range(0, guesses.size()).mapToObj(i -> {
                Tried.Guess g = guesses.get(i);
                return new GuessView(
                        tried.get(i).kind(),
                        tried.get(i).at().toEpochMilli(),
                        g.said(),
                        g.isSo(),
                        (int) Math.rint(g.over() * PERCENT),
                        (int) Math.rint(lately.get(i).over() * PERCENT),
                        lately.get(i).words());
            });
        }
    }

    /**
     * Work of the hands against the clock.
     *
     * @param knot what is tied; left away where loops are split
     * @param slipped how many gave way under a firm pull
     */
    record HandsBody(
            @Nullable @Schema(nullable = true) Knot knot,
            @Nullable Integer passes,
            @Nullable Integer pieces,
            @Nullable Integer slipped,
            @Nullable Double seconds) {
        private static final Interval PASSES = new Interval(1, Tie.MAX_PASSES);
        private static final Interval PIECES = new Interval(1, Hands.MAX_PIECES);
        private static final Interval SECONDS = new Interval(1, Hands.MAX_SECONDS);

        Hands check(Instant at) {
            Fields f = new Fields();
            boolean hasPasses = knot != null && knot.hasPasses();
            int times = hasPasses ? f.whole("passes", "The passes", passes, PASSES) : 1;
            int many = f.whole("pieces", "How many were made", pieces, PIECES);
            int gave = f.whole("slipped", "How many gave way", slipped, new Interval(0, Hands.MAX_PIECES));
            double took = f.number("seconds", "The time, in seconds,", seconds, SECONDS);
            if (pieces != null && slipped != null && slipped > pieces) {
                f.problem("slipped", "No more can give way than were made: " + pieces + ".");
            }
            return f.orRefuse(() -> new Hands(Optional.ofNullable(knot), times, many, gave, took, at));
        }
    }

    /**
     * The same as it is kept.
     *
     * @param secondsEach how long one took that held; null where none did
     * @param usual how long one usually takes
     */
    record HandsView(
            @Nullable @Schema(nullable = true) Knot knot,
            int passes,
            int pieces,
            int slipped,
            double seconds,
            long at,
            @Nullable @Schema(nullable = true) Double secondsEach,
            UsualView usual) {
        static HandsView of(Hands h) {
            return new HandsView(
                    h.knot().orElse(null),
                    h.passes(),
                    h.pieces(),
                    h.slipped(),
                    h.seconds(),
                    h.at().toEpochMilli(),
                    h.secondsEach().isPresent() ? h.secondsEach().getAsDouble() : null,
                    UsualView.of(h.usualSeconds(Speeds.usual(Installer.STYLIST))));
        }
    }

    /** Seconds that one usually takes a stylist: from, to, and most likely. */
    record UsualView(double low, double likely, double high) {
        static UsualView of(Estimate e) {
            return new UsualView(e.low(), e.likely(), e.high());
        }
    }
}
