package gyrotaxis.core.diary;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Who works where, and what is spoken for.
 *
 * <p>No two appointments overlap on a chair or on a stylist: {@link #clash} says why one more cannot be.
 *
 * @param zone by whose clock days and hours are meant
 * @param gap what is left between two appointments, to sweep and to breathe; at least 0
 * @param chairs the chairs, in the order in which they stand
 * @param stylists who works here
 * @param appointments in order of their beginning; none of them overlap
 */
public record Diary(
        ZoneId zone, Duration gap, List<ChairId> chairs, List<Stylist> stylists, List<Appointment> appointments) {
    /** ASSUMPTION: sweep, wipe hooks and clips, drink a glass of water. */
    public static final Duration USUAL_GAP = Duration.ofMinutes(10);

    /** Earlier ones first; of those that begin together, by name, so that the order is always the same. */
    static final Comparator<Appointment> IN_ORDER =
            Comparator.comparing((Appointment a) -> a.span().from()).thenComparing(Appointment::id);

    public Diary {
        if (gap.isNegative()) {
            throw new IllegalArgumentException("gap is " + gap + " but must be at least 0");
        }
        chairs = List.copyOf(chairs);
        stylists = List.copyOf(stylists);
        appointments = appointments.stream().sorted(IN_ORDER).toList();
    }

    /** Why an appointment cannot be; empty if it can. One of its own name is not in its way. */
    public Optional<Clash> clash(Appointment a) {
        if (a.chair().isPresent() && !chairs.contains(a.chair().get())) {
            return Optional.of(new Clash(Clash.Kind.NO_CHAIR, Optional.empty()));
        }
        if (stylist(a.stylist()).isEmpty()) {
            return Optional.of(new Clash(Clash.Kind.NO_STYLIST, Optional.empty()));
        }
        return appointments.stream()
                .filter(o -> !o.id().equals(a.id()) && o.span().overlaps(a.span()) && o.sharesWith(a))
                .findFirst()
                .map(o -> new Clash(
                        a.stylist().equals(o.stylist()) ? Clash.Kind.STYLIST_TAKEN : Clash.Kind.CHAIR_TAKEN,
                        Optional.of(o)));
    }

    /** Whether it lies within the hours of who does it; beyond them it is allowed, and said. */
    public boolean isInHours(Appointment a) {
        LocalDate day = day(a.span().from());
        return stylist(a.stylist())
                .flatMap(s -> s.hours().on(day, zone))
                .filter(h -> h.holds(a.span()))
                .isPresent();
    }

    /** The day on which a moment falls here. */
    public LocalDate day(Instant at) {
        return at.atZone(zone).toLocalDate();
    }

    /** Somebody who works here. */
    public Optional<Stylist> stylist(StylistId id) {
        return stylists.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The same with other appointments. */
    public Diary with(List<Appointment> others) {
        return new Diary(zone, gap, chairs, stylists, others);
    }

    /** The same without some appointments. */
    public Diary without(Set<AppointmentId> some) {
        Set<AppointmentId> gone = new HashSet<>(some);
        return with(appointments.stream().filter(a -> !gone.contains(a.id())).toList());
    }
}
