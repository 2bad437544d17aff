package gyrotaxis.server.messages;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.server.diary.Dating;
import gyrotaxis.server.diary.Dating.Dated;
import gyrotaxis.server.messages.MessageBodies.DraftView;
import gyrotaxis.server.messages.MessageBodies.MessagesView;
import gyrotaxis.server.messages.MessageBodies.SendBody;
import gyrotaxis.server.messages.MessageBodies.SentView;
import gyrotaxis.server.messages.MessageBodies.TemplateBody;
import gyrotaxis.server.messages.MessageBodies.TemplateView;
import gyrotaxis.server.messages.Messenger.Fate;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.people.Studio;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.visits.followup.FollowUpService;
import gyrotaxis.server.visits.followup.FollowUpService.ToLookAfter;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Says what would be sent, to whom and in which words, and sends it once somebody says so. */
@Service
class MessageService {
    /** So far ahead it is told what will be due. */
    private static final int DAYS_AHEAD = 10;

    private static final int MAX_FOLLOW_UPS = 500;
    private static final int MAX_SENT = 30;
    private static final int MAX_LENGTH = 2000;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.UK);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

    private final SentMessages kept;
    private final Messenger messenger;
    private final Dating dating;
    private final FollowUpService after;
    private final PeopleRepository people;
    private final Clock clock;
    private final TransactionTemplate transaction;

    MessageService(
            SentMessages kept,
            Messenger messenger,
            Dating dating,
            FollowUpService after,
            PeopleRepository people,
            Clock clock,
            TransactionTemplate transaction) {
        this.kept = kept;
        this.messenger = messenger;
        this.dating = dating;
        this.after = after;
        this.people = people;
        this.clock = clock;
        this.transaction = transaction;
    }

    /** Something to be said. @param on the day it is about @param told what it tells of when */
    private record Said(
            MessageTrigger cue, UUID about, String told, LocalDate on, String client, Map<String, String> values) {}

    @Transactional(readOnly = true)
    public MessagesView all() {
        Map<MessageTrigger, Template> templates = kept.templates();
        return new MessagesView(
                templates.entrySet().stream()
                        .map(e -> new TemplateView(
                                e.getKey(),
                                e.getKey().words(),
                                e.getValue().words(),
                                e.getKey().usual()))
                        .toList(),
                List.copyOf(Template.places()),
                drafts(templates),
                kept.latest(MAX_SENT).stream()
                        .map(s -> new SentView(s.id(), s.cue().words(), s.client(), s.words(), s.at(), s.isLost()))
                        .toList());
    }

    private List<DraftView> drafts(Map<MessageTrigger, Template> templates) {
        Studio studio = people.studio();
        LocalDate today = studio.day(clock.instant());
        List<Said> said = said(studio);
        Map<UUID, List<Sent>> sent = kept.about(said.stream().map(Said::about).collect(Collectors.toSet())).stream()
                .collect(Collectors.groupingBy(Sent::subject));
        List<DraftView> drafts = new ArrayList<>();
        for (Said s : said) {
            List<Sent> before = sent.getOrDefault(s.about(), List.of()).stream()
                    .filter(b -> b.cue() == s.cue())
                    .toList();
            boolean isSent = before.stream().anyMatch(b -> b.told().equals(s.told()) && !b.isLost());
            if (isSent) {
                continue;
            }
            LocalDate due = s.on().minusDays(s.cue().daysBefore());
            drafts.add(new DraftView(
                    s.cue(),
                    s.cue().words(),
                    s.about(),
                    s.told(),
                    s.client(),
                    Objects.requireNonNull(templates.get(s.cue())).filled(s.values()),
                    due,
                    !due.isAfter(today),
                    before.stream().anyMatch(b -> !b.told().equals(s.told()) && !b.isLost()),
                    before.stream().anyMatch(b -> b.told().equals(s.told()))));
        }
        drafts.sort(Comparator.comparing(DraftView::due).thenComparing(DraftView::client));
        return drafts;
    }

    /** What there is to be said of the days ahead. */
    private List<Said> said(Studio studio) {
        Instant now = clock.instant();
        LocalDate today = studio.day(now);
        LocalDate until = today.plusDays(DAYS_AHEAD);
        List<Said> all = new ArrayList<>();
        for (Dated d : dating.between(now, until.atStartOfDay(studio.zone()).toInstant())) {
            boolean isToCome = !d.isOff() && !d.client().isEmpty() && d.from().isAfter(now);
            if (!isToCome || d.occasion() == Occasion.PREPARE) {
                continue;
            }
            Map<String, String> values = Map.of(
                    "name", d.client(),
                    "day", DAY.format(d.from().atZone(studio.zone())),
                    "time", TIME.format(d.from().atZone(studio.zone())),
                    "what", d.words(),
                    "stylist", d.stylist(),
                    "studio", studio.name());
            LocalDate on = studio.day(d.from());
            all.add(new Said(MessageTrigger.APPOINTMENT, d.id(), d.from().toString(), on, d.client(), values));
            if (d.occasion() == Occasion.INSTALL) {
                all.add(new Said(MessageTrigger.PREPARE, d.id(), d.from().toString(), on, d.client(), values));
            }
        }
        for (ToLookAfter t : after.toLookAfter(until, MAX_FOLLOW_UPS)) {
            if (t.due().isBefore(today.minusDays(DAYS_AHEAD))) {
                continue;
            }
            all.add(new Said(
                    MessageTrigger.LOOK_AFTER,
                    t.id(),
                    t.due().toString(),
                    t.due(),
                    t.client(),
                    Map.of(
                            "name", t.client(),
                            "day", DAY.format(t.due()),
                            "what", t.words(),
                            "studio", studio.name())));
        }
        return all;
    }

    @Transactional
    public MessagesView word(MessageTrigger cue, TemplateBody body) {
        Fields f = new Fields();
        String words = f.lines("words", "The words", body.words(), Template.MAX_LENGTH);
        if (words.isEmpty()) {
            f.problem("words", "Say something; these are the words that are sent.");
        }
        Template template = new Template(words);
        template.fault().ifPresent(why -> f.problem("words", why));
        kept.keep(cue, f.orRefuse(() -> template));
        return all();
    }

    /** Sends one, and keeps that it was sent once it was taken; what was sent already is not sent again. */
    MessagesView send(SendBody body) {
        Fields f = new Fields();
        MessageTrigger cue = f.present("cue", "What it is", body.cue(), MessageTrigger.APPOINTMENT);
        UUID about = f.present("about", "What it is about", body.about(), new UUID(0, 0));
        String told = f.present("told", "The time that it tells", body.told(), "");
        String own = f.lines("words", "The words", body.words(), MAX_LENGTH);
        f.orRefuse(() -> own);
        MessagesView now = Objects.requireNonNull(transaction.execute(t -> all()));
        DraftView draft = now.drafts().stream()
                .filter(d ->
                        d.cue() == cue && d.about().equals(about) && d.told().equals(told))
                .findFirst()
                .orElseThrow(() -> new NotFound(
                        "This is no longer to be sent: it was sent, moved or called off. Look at the list again."));
        String words = own.isEmpty() ? draft.words() : own;
        Fate fate = messenger.send(draft.client(), words);
        return Objects.requireNonNull(transaction.execute(t -> {
            kept.add(new Sent(
                    UUID.randomUUID(),
                    cue,
                    about,
                    told,
                    draft.client(),
                    words,
                    clock.instant(),
                    fate == Fate.CAME_BACK));
            return all();
        }));
    }
}
