package gyrotaxis.server.learning;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.learn.Lesson;
import gyrotaxis.server.shared.Piece;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What is answered about what was learned. */
final class LearningViews {
    private LearningViews() {}

    /** All figures there are, as of a day. */
    record LearningView(LocalDate asOf, List<LessonView> lessons) {}

    /**
     * One figure.
     *
     * @param usual what is taken as long as nothing is known
     * @param value what is believed
     * @param visits how many visits it rests on
     */
    record LessonView(
            Known what,
            String words,
            Known.Of of,
            Known.Scale scale,
            double usual,
            double value,
            double least,
            double most,
            Lesson.From from,
            int visits,
            List<SeenPoint> points,
            boolean isRefused) {}

    /** What one visit said, and how much it counts. */
    record SeenPoint(UUID visitId, LocalDate day, double value, double weight, boolean isLeftOut) {}

    /**
     * How many packs this time, and why.
     *
     * @param asideLoops how many of those that are there lie aside for this plan
     */
    record PacksNextView(
            int neededLoops, int thereLoops, int packs, List<Piece> why, UUID lineId, String colour, int asideLoops) {}

    /** Whether a visit is left out, or a figure refused. */
    record WishBody(boolean isWished) {}
}
