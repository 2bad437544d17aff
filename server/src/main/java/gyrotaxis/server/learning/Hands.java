package gyrotaxis.server.learning;

import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.learn.Learning;
import gyrotaxis.core.learn.Seen;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.server.language.LearnedBody;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.plans.KnownHands;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Draws together what visits taught of somebody's hands and of a hair. */
@Component
class Hands implements KnownHands {
    /** What was seen longer ago than so many visits no longer counts: hands and hair change. ASSUMPTION. */
    private static final int VISITS = 60;

    private final LessonRepository lessons;
    private final HairLineRepository shelf;
    private final StudioDay day;

    Hands(LessonRepository lessons, HairLineRepository shelf, StudioDay day) {
        this.lessons = lessons;
        this.shelf = shelf;
        this.day = day;
    }

    Learning learning(Optional<UUID> stylist, StockedLine line) {
        List<LessonRepository.Kept> kept = lessons.latest(stylist, VISITS);
        List<Seen> seen = kept.stream().map(LessonRepository.Kept::seen).toList();
        Set<UUID> leftOut = kept.stream()
                .filter(LessonRepository.Kept::isLeftOut)
                .map(k -> k.seen().visit())
                .collect(Collectors.toSet());
        return Learning.of(
                seen,
                new Learning.About(stylist, line.hair().texture(), Optional.of(new LineId(line.id()))),
                new Learning.Wishes(leftOut, stylist.map(lessons::refused).orElse(Set.of())),
                day.today());
    }

    @Override
    public @Nullable LearnedBody known(Optional<UUID> stylist, UUID line) {
        return shelf.find(line)
                .map(l -> learning(stylist, l).learned())
                .filter(l -> !l.equals(Learned.NOTHING))
                .map(LearnedBody::of)
                .orElse(null);
    }
}
