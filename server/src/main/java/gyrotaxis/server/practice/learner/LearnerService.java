package gyrotaxis.server.practice.learner;

import gyrotaxis.core.training.Hands;
import gyrotaxis.core.training.Training;
import gyrotaxis.core.training.Tried;
import gyrotaxis.server.practice.DrillService;
import gyrotaxis.server.practice.learner.LearnerBodies.GuessView;
import gyrotaxis.server.practice.learner.LearnerBodies.HandsBody;
import gyrotaxis.server.practice.learner.LearnerBodies.HandsView;
import gyrotaxis.server.practice.learner.LearnerBodies.LearnerBody;
import gyrotaxis.server.practice.learner.LearnerBodies.LearnerView;
import gyrotaxis.server.practice.learner.LearnerBodies.ProgressView;
import gyrotaxis.server.practice.learner.LearnerBodies.SkillView;
import gyrotaxis.server.shared.CurrentMember;
import gyrotaxis.server.shared.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what learners try, and says how far they are. */
@Service
public class LearnerService {
    private final LearnerRepository learners;
    private final CurrentMember asking;
    private final Clock clock;

    LearnerService(LearnerRepository learners, CurrentMember asking, Clock clock) {
        this.learners = learners;
        this.asking = asking;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<LearnerView> all() {
        return learners.all().stream().filter(mayBeSeen()).map(LearnerView::of).toList();
    }

    @Transactional
    LearnerView add(LearnerBody body) {
        Learner learner = new Learner(
                UUID.randomUUID(), body.check(), now(), asking.isLearner() ? asking.member() : Optional.empty());
        learners.add(learner);
        return LearnerView.of(learner);
    }

    @Transactional
    void remove(UUID id) {
        if (!learners.remove(id)) {
            throw nobody();
        }
    }

    @Transactional(readOnly = true)
    ProgressView progress(UUID id) {
        Learner learner = known(id);
        List<Tried> tried = learners.tried(id);
        List<Hands> hands = learners.hands(id);
        Training training = Training.of(tried);
        Instant now = clock.instant();
        return new ProgressView(
                LearnerView.of(learner),
                SkillView.of(training.next(now), now),
                training.skills().stream().map(s -> SkillView.of(s, now)).toList(),
                GuessView.of(tried),
                hands.stream().map(HandsView::of).toList(),
                LearnerBodies.pacePercent(hands));
    }

    /** Keeps an answer that was judged; a drill that she has answered before counts no more. */
    @Transactional
    public void tried(UUID id, DrillService.Judged judged) {
        learners.keep(known(id).id(), judged.triedAt(now()));
    }

    @Transactional
    ProgressView hands(UUID id, HandsBody body) {
        learners.keep(known(id).id(), body.check(now()));
        return progress(id);
    }

    private Learner known(UUID id) {
        return learners.find(id).filter(mayBeSeen()).orElseThrow(LearnerService::nobody);
    }

    /** A learner who signed in sees herself alone; whoever works here sees all. */
    private Predicate<Learner> mayBeSeen() {
        Optional<UUID> me = asking.member();
        return asking.isLearner() ? learner -> learner.member().equals(me) : learner -> true;
    }

    /** As exact as it is kept. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private static NotFound nobody() {
        return new NotFound("Nobody who practises has this number; she may have been taken off.");
    }
}
