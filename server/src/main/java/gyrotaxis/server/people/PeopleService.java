package gyrotaxis.server.people;

import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.Hours;
import gyrotaxis.core.diary.Stylist;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.server.people.PeopleBodies.ChairBody;
import gyrotaxis.server.people.PeopleBodies.ChairView;
import gyrotaxis.server.people.PeopleBodies.PeopleView;
import gyrotaxis.server.people.PeopleBodies.StudioBody;
import gyrotaxis.server.people.PeopleBodies.StylistBody;
import gyrotaxis.server.people.PeopleBodies.StylistView;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the studio, its chairs and its people. */
@Service
@Transactional
class PeopleService {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);

    private final PeopleRepository people;
    private final SpokenFor spokenFor;
    private final Clock clock;
    private final StudioDay day;

    PeopleService(PeopleRepository people, SpokenFor spokenFor, Clock clock, StudioDay day) {
        this.people = people;
        this.spokenFor = spokenFor;
        this.clock = clock;
        this.day = day;
    }

    @Transactional(readOnly = true)
    PeopleView all() {
        return new PeopleView(
                StudioBody.of(people.studio()),
                people.chairs().stream()
                        .map(c -> new ChairView(c.id().value(), c.name()))
                        .toList(),
                people.here().stream().map(StylistView::of).toList(),
                ZoneId.getAvailableZoneIds().stream()
                        .filter(z -> z.contains("/") && !z.startsWith("Etc/") && !z.startsWith("SystemV/"))
                        .sorted()
                        .toList(),
                PeopleBodies.week(Hours.USUAL));
    }

    PeopleView change(StudioBody body) {
        if (people.change(body.check()).isEmpty()) {
            throw new Stale("Somebody changed the studio in the meantime.", StudioBody.of(people.studio()));
        }
        return all();
    }

    PeopleView addChair(ChairBody body) {
        people.add(new Chair(new ChairId(UUID.randomUUID()), body.check()));
        return all();
    }

    PeopleView renameChair(UUID id, ChairBody body) {
        if (!people.rename(new Chair(new ChairId(id), body.check()))) {
            throw new NotFound("This chair no longer stands here.");
        }
        return all();
    }

    PeopleView removeChair(UUID id) {
        people.hold();
        ChairId chair = new ChairId(id);
        refuseIfAny("chair", "This chair", spokenFor.from(clock.instant(), chair), "Move them to another chair first.");
        if (!people.remove(chair)) {
            throw new NotFound("This chair no longer stands here.");
        }
        return all();
    }

    PeopleView add(StylistBody body) {
        StylistBody.Checked c = body.check(day.today());
        people.add(new Person(
                new Stylist(new StylistId(UUID.randomUUID()), c.name(), c.hours()),
                Optional.ofNullable(body.methodId()),
                false,
                1));
        return all();
    }

    PeopleView change(UUID id, StylistBody body) {
        StylistBody.Checked c = body.check(day.today());
        Person stored = person(id);
        Person changed = new Person(
                new Stylist(stored.stylist().id(), c.name(), c.hours()),
                Optional.ofNullable(body.methodId()),
                false,
                body.version());
        if (people.change(changed).isEmpty()) {
            throw new Stale(
                    "Somebody changed " + stored.stylist().name() + " in the meantime.", StylistView.of(stored));
        }
        return all();
    }

    /** Somebody leaves; what she has ahead goes to another, or stands in the way. */
    PeopleView leave(UUID id, @Nullable UUID to) {
        people.hold();
        Person who = person(id);
        String name = who.stylist().name();
        if (to != null) {
            List<String> taken = spokenFor.handOver(
                    clock.instant(), who.stylist().id(), person(to).stylist().id());
            Fields f = new Fields();
            taken.stream().findFirst().ifPresent(t -> f.problem("to", t));
            f.orRefuse(() -> name);
        }
        refuseIfAny(
                "stylist",
                name,
                spokenFor.from(clock.instant(), who.stylist().id()),
                "Give them to somebody else first, or call them off.");
        people.leave(who.stylist().id());
        return all();
    }

    private void refuseIfAny(String field, String who, List<Instant> ahead, String then) {
        Fields f = new Fields();
        if (!ahead.isEmpty()) {
            String first = DAY.format(ahead.get(0).atZone(people.studio().zone()));
            f.problem(
                    field,
                    ahead.size() == 1
                            ? who + " has an appointment on " + first + ". " + then
                            : who + " has " + ahead.size() + " appointments, the first on " + first + ". " + then);
        }
        f.orRefuse(() -> who);
    }

    private Person person(UUID id) {
        return people.here().stream()
                .filter(p -> p.stylist().id().value().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("Nobody of that name works here any more."));
    }
}
