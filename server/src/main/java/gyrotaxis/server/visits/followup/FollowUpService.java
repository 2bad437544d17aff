package gyrotaxis.server.visits.followup;

import gyrotaxis.core.care.FollowUp;
import gyrotaxis.core.learn.Afterlife;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.visits.VisitProjector;
import gyrotaxis.server.visits.followup.AfterViews.FollowUpView;
import gyrotaxis.server.visits.followup.AfterViews.OutcomeBody;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows what is to be looked after, and keeps what was told of it. */
@Service
@Transactional
public class FollowUpService {
    private static final int MAX_LIST_SIZE = 100;
    private static final int MAX_WORDS_LENGTH = 400;

    private final FollowUpRepository followUps;
    private final ClientRepository book;
    private final VisitProjector telling;
    private final StudioDay day;

    FollowUpService(FollowUpRepository followUps, ClientRepository book, VisitProjector telling, StudioDay day) {
        this.followUps = followUps;
        this.book = book;
        this.telling = telling;
        this.day = day;
    }

    /** What falls due until a day and was not told of yet. */
    @Transactional(readOnly = true)
    public List<FollowUpView> due(LocalDate until) {
        return views(followUps.dueUntil(until, MAX_LIST_SIZE));
    }

    /**
     * Something to be looked after, as it stands in a calendar.
     *
     * @param id never changes
     */
    public record ToLookAfter(UUID id, String words, String client, LocalDate due) {}

    /** What falls due until a day and was not told of yet, at most so many. */
    @Transactional(readOnly = true)
    public List<ToLookAfter> toLookAfter(LocalDate until, int most) {
        return views(followUps.dueUntil(until, most)).stream()
                .map(v -> new ToLookAfter(v.id(), v.words(), v.clientName(), v.due()))
                .toList();
    }

    /** A day that something is to fall due by a calendar. */
    public record Due(UUID id, LocalDate on) {}

    /**
     * What comes of it.
     *
     * @param what as it stands in the book; its day is still that of before
     * @param reason why it cannot be; empty if it can
     */
    public record Dued(Due due, ToLookAfter what, String reason) {}

    /**
     * Puts what is to be looked after on other days, all of it or nothing.
     *
     * @param isKept whether it is done; else it is only told what would come of each
     * @return of those that are known; what is on its day is among them, with a reason neither way
     */
    public List<Dued> put(List<Due> asked, boolean isKept) {
        LocalDate today = day.today();
        List<Dued> all = new ArrayList<>();
        for (Due d : asked) {
            Optional<FollowUpRepository.Kept> kept = followUps.find(d.id());
            if (kept.isEmpty()) {
                continue;
            }
            FollowUpView v = views(List.of(kept.get())).get(0);
            ToLookAfter what = new ToLookAfter(v.id(), v.words(), v.clientName(), v.due());
            boolean isSame = d.on().equals(v.due());
            String reason = "";
            if (!isSame && kept.get().outcome().isPresent()) {
                reason = "It was told of already, so it stays where it was.";
            } else if (!isSame && (d.on().isBefore(today.minusYears(1)) || d.on().isAfter(today.plusYears(1)))) {
                reason = "It can be at most a year away.";
            }
            all.add(new Dued(d, what, reason));
        }
        if (isKept && all.stream().allMatch(d -> d.reason().isEmpty())) {
            all.forEach(d -> followUps.due(d.due().id(), d.due().on()));
        }
        return all;
    }

    /** All of a client. */
    @Transactional(readOnly = true)
    public List<FollowUpView> ofClient(UUID client) {
        return views(followUps.ofClient(client));
    }

    private List<FollowUpView> views(List<FollowUpRepository.Kept> all) {
        Map<UUID, String> names =
                book.names(all.stream().map(FollowUpRepository.Kept::client).collect(Collectors.toSet()));
        return all.stream()
                .map(k -> FollowUpView.of(k, names.getOrDefault(k.client(), "")))
                .toList();
    }

    /** Keeps what was told of one; told again, the last word holds. */
    public FollowUpView tell(UUID id, OutcomeBody body) {
        Fields f = new Fields();
        FollowUpRepository.Kept kept = followUps
                .find(id)
                .orElseThrow(() -> new NotFound("This is no longer among what is to be looked after."));
        LocalDate today = day.today();
        Optional<FollowUp.Outcome> outcome = Optional.ofNullable(body.outcome());
        outcome.filter(o ->
                        o != FollowUp.Outcome.MISSED && !kept.what().outcomes().contains(o))
                .ifPresent(o -> f.problem(
                        "outcome",
                        "\"" + o.words() + "\" says nothing of " + kept.what().words() + "."));
        LocalDate on = body.on() == null ? today : f.day("on", "The day", body.on(), today);
        if (on.isAfter(today)) {
            f.problem("on", "That day is still to come.");
        }
        String words = f.lines("words", "What was told", body.words(), MAX_WORDS_LENGTH);
        return f.orRefuse(() -> {
            FollowUpRepository.Kept told = new FollowUpRepository.Kept(
                    id, kept.client(), kept.visit(), kept.what(), kept.due(), outcome, outcome.map(o -> on), words);
            followUps.tell(told);
            telling.toldAfterwards(kept.visit());
            return views(List.of(told)).get(0);
        });
    }

    /** Tells something of a visit on a day, for whoever fills a book. */
    public void tell(UUID visit, FollowUp what, FollowUp.Outcome outcome, LocalDate on) {
        followUps.ofVisit(visit).stream()
                .filter(k -> k.what() == what)
                .forEach(k -> followUps.tell(new FollowUpRepository.Kept(
                        k.id(), k.client(), visit, what, k.due(), Optional.of(outcome), Optional.of(on), "")));
    }

    /** What was told of a visit while it was worn, and when. */
    @Transactional(readOnly = true)
    public Map<Afterlife.Told, LocalDate> told(UUID visit) {
        return followUps.ofVisit(visit).stream()
                .filter(k -> k.outcome().isPresent() && k.toldOn().isPresent())
                .collect(Collectors.toMap(
                        k -> new Afterlife.Told(k.what(), k.outcome().orElseThrow()),
                        k -> k.toldOn().orElseThrow(),
                        (a, b) -> b));
    }
}
