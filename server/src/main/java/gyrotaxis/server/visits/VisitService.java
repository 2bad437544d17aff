package gyrotaxis.server.visits;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.diary.Links;
import gyrotaxis.server.documents.VisitEventMapper;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.pictures.Picture;
import gyrotaxis.server.pictures.Pictures;
import gyrotaxis.server.plans.Frozen;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.shared.CurrentMember;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.visits.Views.ArrivedView;
import gyrotaxis.server.visits.Views.BeginBody;
import gyrotaxis.server.visits.Views.EventsBody;
import gyrotaxis.server.visits.Views.Seen;
import gyrotaxis.server.visits.Views.Unfit;
import gyrotaxis.server.visits.Views.VisitTile;
import gyrotaxis.server.visits.Views.VisitView;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Begins visits, and keeps what happens in them. */
@Service
@Transactional
public class VisitService {
    /** A device sends no more at once; what is left it sends next. */
    static final int MAX_AT_ONCE = 500;

    /** So much is answered at once. */
    private static final int MAX_ANSWERED = 2_000;

    private static final int MAX_TABLE_ROWS = 20_000;
    private static final int MAX_LIST_SIZE = 60;

    private static final PlanService.OfSheet NO_PLAN = new PlanService.OfSheet("", Optional.empty());
    private static final int MAX_DEVICE_LENGTH = 64;
    private static final int MAX_PROBLEM_LENGTH = 400;

    /** Numbers that a page can count without rounding. */
    private static final long MAX_COUNTED = 1L << 53;

    /**
     * Events of one visit are kept one batch after the other: were a later number to be seen before an earlier one is, whoever asks for
     * what came after it would never hear of the earlier.
     */
    private final LoadingCache<UUID, Object> inTurn =
            Caffeine.newBuilder().weakValues().executor(Runnable::run).build(id -> new Object());

    private final VisitRepository visits;
    private final VisitEventMapper mapper;
    private final Heads heads;
    private final PlanService plans;
    private final ClientRepository book;
    private final Listeners listeners;
    private final VisitLoader works;
    private final VisitProjector telling;
    private final Links diary;
    private final Clock clock;
    private final StudioDay day;
    private final CurrentMember asking;
    private final TransactionTemplate transaction;

    VisitService(
            VisitRepository visits,
            VisitEventMapper mapper,
            Heads heads,
            PlanService plans,
            ClientRepository book,
            Listeners listeners,
            VisitLoader works,
            VisitProjector telling,
            Links diary,
            Clock clock,
            StudioDay day,
            CurrentMember asking,
            TransactionTemplate transaction) {
        this.visits = visits;
        this.mapper = mapper;
        this.heads = heads;
        this.plans = plans;
        this.book = book;
        this.listeners = listeners;
        this.works = works;
        this.telling = telling;
        this.diary = diary;
        this.clock = clock;
        this.day = day;
        this.asking = asking;
        this.transaction = transaction;
    }

    /** Visits that are open, and those of today and of the days before, the newest first. */
    @Transactional(readOnly = true)
    List<VisitTile> list() {
        List<Visit> some = Stream.concat(
                        visits.open(MAX_LIST_SIZE).stream(), visits.until(day.today(), MAX_LIST_SIZE).stream())
                .distinct()
                .sorted(Comparator.comparing(Visit::day)
                        .thenComparing(Visit::createdAt)
                        .reversed())
                .limit(MAX_LIST_SIZE)
                .toList();
        return tiles(some);
    }

    /** All visits of so many days back from today, the newest first, as far as a table goes. */
    @Transactional(readOnly = true)
    List<VisitTile> back(int days) {
        LocalDate from = day.today().minusDays(days);
        return tiles(visits.until(day.today(), MAX_TABLE_ROWS).stream()
                .filter(v -> v.day().isAfter(from))
                .toList());
    }

    /** All visits of a client, the newest first. */
    @Transactional(readOnly = true)
    List<VisitTile> ofClient(UUID client) {
        return tiles(visits.ofClient(client));
    }

    private List<VisitTile> tiles(List<Visit> some) {
        Map<UUID, String> clients =
                book.names(some.stream().map(Visit::clientId).collect(Collectors.toSet()));
        Map<UUID, PlanService.OfSheet> plans =
                this.plans.ofSheets(some.stream().map(Visit::sheetId).collect(Collectors.toSet()));
        return some.stream()
                .map(v -> tile(
                        v,
                        clients.getOrDefault(v.clientId(), ""),
                        plans.getOrDefault(v.sheetId(), NO_PLAN),
                        visits.told(v.id()).orElseGet(() -> VisitSummary.of(works.of(v.id())))))
                .toList();
    }

    /** Begins a visit of today with a plan as it is kept now; asked twice, it is one. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    VisitTile begin(BeginBody body) {
        Fields f = new Fields();
        UUID id = f.id("id", "The visit", body.id());
        UUID planId = f.id("planId", "The plan", body.planId());
        Optional<UUID> by =
                f.idIfAny("stylistId", "Who works it", body.stylistId()).or(asking::stylist);
        return f.orRefuse(() -> {
            if (id == null || planId == null) {
                throw new IllegalStateException("refused before");
            }
            return begin(id, planId, by, day.today());
        });
    }

    /** Begins a visit of a day with a plan as it is kept now. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public VisitTile begin(UUID id, UUID planId, Optional<UUID> by, LocalDate day) {
        if (visits.find(id).isEmpty()) {
            Frozen frozen = plans.frozen(planId);
            transaction.executeWithoutResult(t -> {
                visits.add(new Visit(id, frozen.clientId(), frozen.id(), by, day, clock.instant()));
                telling.keep(works.of(id));
            });
            transaction.executeWithoutResult(
                    t -> diary.begun(id, planId, day).ifPresent(s -> visits.by(id, s.value())));
        }
        return tiles(List.of(visit(id))).get(0);
    }

    /** Begins a visit of a day with a sheet that was frozen before, for whoever fills a book. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public void beginFrom(UUID id, UUID sheetId, Optional<UUID> by, LocalDate day) {
        Frozen frozen = plans.frozenSheet(sheetId);
        transaction.executeWithoutResult(t -> {
            visits.add(new Visit(id, frozen.clientId(), sheetId, by, day, clock.instant()));
            telling.keep(works.of(id));
        });
    }

    /** The worksheet that a visit is worked from. */
    @Transactional(readOnly = true)
    public UUID sheetOf(UUID id) {
        return visit(id).sheetId();
    }

    /** Everything of a visit. */
    @Transactional(readOnly = true)
    VisitView show(UUID id) {
        Visit visit = visit(id);
        List<KeptEvent> all = events(id, 0, Integer.MAX_VALUE);
        return new VisitView(
                tiles(List.of(visit)).get(0),
                heads.of(visit.sheetId()).frozen().sheet(),
                bodies(all),
                seen(id),
                unfit(all),
                last(all, 0));
    }

    /** What arrived after something. */
    @Transactional(readOnly = true)
    ArrivedView after(UUID id, long arrived) {
        visit(id);
        List<KeptEvent> some = events(id, arrived, MAX_ANSWERED);
        return arrived(id, some, last(some, arrived), some.size() == MAX_ANSWERED);
    }

    /** Up to where something arrived. */
    @Transactional(readOnly = true)
    long arrived(UUID id) {
        visit(id);
        return visits.arrived(id);
    }

    /**
     * Keeps what a device tells, each event once. What makes no sense is kept too, with what is wrong with it, so that nothing stands
     * in the way of what came after.
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    ArrivedView add(UUID id, EventsBody body) {
        List<KeptEvent> given = checked(body).stream().map(this::kept).toList();
        visit(id);
        keep(id, given);
        long arrived = visits.arrived(id);
        return arrived(id, List.of(), arrived, false);
    }

    /** Keeps what happened in a visit, in order. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public void tell(UUID id, List<RecordedEvent> events) {
        keep(
                id,
                events.stream()
                        .map(e -> new KeptEvent(0, e.id(), e.clock(), e.at(), new KeptEvent.Fit(e.what())))
                        .toList());
    }

    private void keep(UUID id, List<KeptEvent> given) {
        synchronized (inTurn.get(id)) {
            transaction.executeWithoutResult(t -> addMissing(id, given));
        }
        listeners.tell(id, visits.arrived(id));
    }

    private ArrivedView arrived(UUID id, List<KeptEvent> some, long arrived, boolean hasMore) {
        return new ArrivedView(bodies(some), seen(id), unfit(visits.unfit(id)), arrived, hasMore);
    }

    private static List<RecordedEventResponse> bodies(List<KeptEvent> events) {
        return VisitLoader.fit(events).stream().map(RecordedEventResponse::of).toList();
    }

    private List<RecordedEventRequest> checked(EventsBody body) {
        Fields f = new Fields();
        List<RecordedEventRequest> given = body.events() == null ? List.of() : body.events();
        if (given.size() > MAX_AT_ONCE) {
            f.problem("events", "Send at most " + MAX_AT_ONCE + " at once; these are " + given.size() + ".");
        }
        for (int i = 0; i < given.size() && i < MAX_AT_ONCE; i++) {
            check(f, "events[" + i + "].", given.get(i));
        }
        return f.orRefuse(() -> given);
    }

    private static void check(Fields f, String prefix, @Nullable RecordedEventRequest e) {
        if (e == null) {
            f.problem(prefix, "Nothing is told here.");
            return;
        }
        f.text(prefix + "device", "The device", e.device(), MAX_DEVICE_LENGTH);
        if (e.count() < 1 || e.count() > MAX_COUNTED) {
            f.problem(prefix + "count", "The count goes from 1 on.");
        }
        if (e.clock() < 1 || e.clock() > MAX_COUNTED) {
            f.problem(prefix + "clock", "The clock goes from 1 on.");
        }
        f.present(prefix + "at", "The moment", (Object) e.at(), Instant.EPOCH);
        f.present(prefix + "what", "What happened", (Object) e.what(), "");
    }

    private KeptEvent kept(RecordedEventRequest e) {
        KeptEvent.Content content;
        try {
            content = new KeptEvent.Fit(mapper.read(e.what()));
        } catch (IllegalArgumentException makesNoSense) {
            String why = String.valueOf(makesNoSense.getMessage());
            content = new KeptEvent.Unfit(
                    e.what(), why.length() > MAX_PROBLEM_LENGTH ? why.substring(0, MAX_PROBLEM_LENGTH) : why);
        }
        return new KeptEvent(0, new EventId(e.device(), e.count()), e.clock(), e.at(), content);
    }

    private void addMissing(UUID id, List<KeptEvent> given) {
        Set<EventId> known = new HashSet<>(visits.names(id));
        List<KeptEvent> fresh = given.stream().filter(e -> known.add(e.id())).toList();
        if (!fresh.isEmpty()) {
            visits.add(id, fresh);
            telling.told(id, VisitLoader.fit(fresh));
        }
    }

    private List<Seen> seen(UUID id) {
        List<Seen> seen = new ArrayList<>();
        String device = "";
        long upTo = 0;
        for (EventId n : visits.names(id)) {
            if (!n.device().equals(device)) {
                device = n.device();
                upTo = 0;
                seen.add(new Seen(device, 0));
            }
            if (n.count() == upTo + 1) {
                upTo++;
                seen.set(seen.size() - 1, new Seen(device, upTo));
            }
        }
        return seen;
    }

    private static List<Unfit> unfit(Collection<KeptEvent> events) {
        return events.stream()
                .flatMap(e -> e.content() instanceof KeptEvent.Unfit u
                        ? Stream.of(new Unfit(e.id().device(), e.id().count(), u.problem()))
                        : Stream.<Unfit>of())
                .toList();
    }

    private static long last(List<KeptEvent> events, long otherwise) {
        return events.isEmpty() ? otherwise : events.get(events.size() - 1).arrived();
    }

    private List<KeptEvent> events(UUID id, long after, int most) {
        return visits.events(id, after, most);
    }

    /** A visit as it is worked. */
    @Transactional(readOnly = true)
    VisitLoader.Work work(UUID id) {
        return works.of(id);
    }

    private static VisitTile tile(Visit v, String client, PlanService.OfSheet sheet, VisitSummary t) {
        return new VisitTile(
                v.id(),
                v.clientId(),
                client,
                sheet.plan().orElse(null),
                sheet.planName(),
                v.day(),
                v.stylist().orElse(null),
                t.shares(),
                t.hooked(),
                t.stage(),
                t.isBegun(),
                t.isFinished(),
                t.isDown(),
                t.pictures(),
                t.usedLoops(),
                t.minutes(),
                t.lastTime());
    }

    /** Keeps a picture of a visit, made fit to be kept. */
    public void picture(UUID id, UUID picture, byte[] file) {
        keep(id, picture, Pictures.of(file));
    }

    /** What a visit is worked from. */
    @Transactional(readOnly = true)
    public Frozen frozen(UUID id) {
        return heads.of(visit(id).sheetId()).frozen();
    }

    /** Keeps a picture; sent twice it is kept once. */
    Views.PictureView keep(UUID id, UUID picture, Picture made) {
        visit(id);
        visits.add(id, picture, made);
        return new Views.PictureView(picture, made.width(), made.height());
    }

    /** A picture of a visit. */
    @Transactional(readOnly = true)
    Picture picture(UUID id, UUID picture) {
        return visits.picture(id, picture).orElseThrow(() -> new NotFound("This picture is not kept here yet."));
    }

    private Visit visit(UUID id) {
        return visits.find(id).orElseThrow(() -> new NotFound("This visit is no longer in the book."));
    }
}
