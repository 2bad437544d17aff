package gyrotaxis.server.demo;

import gyrotaxis.core.diary.ChairId;
import gyrotaxis.core.diary.DayHours;
import gyrotaxis.core.diary.DaysOff;
import gyrotaxis.core.diary.Hours;
import gyrotaxis.core.diary.Stylist;
import gyrotaxis.core.diary.StylistId;
import gyrotaxis.server.people.Chair;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.people.Person;
import gyrotaxis.server.people.Studio;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Two chairs and two stylists in a made-up harbour town. */
class DemoPeople {
    private final PeopleRepository people;
    private final Clock clock;

    DemoPeople(PeopleRepository people, Clock clock) {
        this.people = people;
        this.clock = clock;
    }

    /** Who works here, and where. */
    record Crew(StylistId orla, StylistId bethan, ChairId window, ChairId door) {
        ChairId chairOf(StylistId who) {
            return who.equals(orla) ? window : door;
        }
    }

    Crew add() {
        Studio s = people.studio();
        people.change(new Studio("Slipway Two", s.zone(), s.gap(), s.version()));
        Crew crew = new Crew(
                new StylistId(UUID.randomUUID()),
                new StylistId(UUID.randomUUID()),
                new ChairId(UUID.randomUUID()),
                new ChairId(UUID.randomUUID()));
        people.add(new Chair(crew.window(), "by the window"));
        people.add(new Chair(crew.door(), "by the door"));
        LocalDate today = LocalDate.now(clock);
        // In the week of the regatta nobody has a free day.
        people.add(person(crew.orla(), "Orla Quillane", 9, 18, List.of()));
        people.add(person(
                crew.bethan(),
                "Bethan Skerry",
                10,
                19,
                List.of(new DaysOff(today.plusDays(9), today.plusDays(11), "rests after the regatta"))));
        return crew;
    }

    private static Person person(StylistId id, String name, int from, int until, List<DaysOff> off) {
        EnumMap<DayOfWeek, DayHours> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek d : DayOfWeek.values()) {
            week.put(d, new DayHours(from * 60, until * 60));
        }
        return new Person(new Stylist(id, name, new Hours(week, off)), Optional.empty(), false, 1);
    }
}
