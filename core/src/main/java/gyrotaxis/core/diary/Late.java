package gyrotaxis.core.diary;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** A day that runs late: what takes longer pushes what comes after it, and no further than it must. */
public final class Late {
    /** Appointments begin at times that can be said: every so many minutes. */
    static final Duration STEP = Duration.ofMinutes(5);

    private Late() {}

    /**
     * The appointments of the same day that are otherwise once one of them ends later, that one first; the rest in order of their
     * beginning.
     *
     * <p>Method: from the late one on, in order, each begins when it was to, or else as soon as all before it that need its chair or
     * its hands are over and what was between them is kept, though no more than the usual gap. So free time swallows lateness. What has
     * begun already is never moved.
     *
     * @param late which one runs late
     * @param until when it will be over; after its beginning
     * @param now what began before this stays where it is
     * @throws IllegalArgumentException if the diary has no such appointment
     */
    public static List<Appointment> pushed(Diary diary, AppointmentId late, Instant until, Instant now) {
        Appointment first = diary.appointments().stream()
                .filter(a -> a.id().equals(late))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("late is " + late + " but the diary has no such"));
        List<Appointment> placed = new ArrayList<>();
        List<Appointment> changed = new ArrayList<>();
        Appointment longer = first.during(new Span(first.span().from(), until));
        placed.add(longer);
        changed.add(longer);
        List<Appointment> then = new ArrayList<>();
        then.add(first);
        for (Appointment a : diary.appointments()) {
            boolean isLater = Diary.IN_ORDER.compare(a, first) > 0
                    && diary.day(a.span().from()).equals(diary.day(first.span().from()));
            if (!isLater) {
                continue;
            }
            Instant begins = a.span().from().isBefore(now) ? a.span().from() : begins(diary, a, then, placed);
            Appointment moved = a.during(a.span().startingAt(begins));
            if (!moved.equals(a)) {
                changed.add(moved);
            }
            then.add(a);
            placed.add(moved);
        }
        return changed;
    }

    private static Instant begins(Diary diary, Appointment a, List<Appointment> then, List<Appointment> placed) {
        Instant begins = a.span().from();
        for (int i = 0; i < placed.size(); i++) {
            Appointment before = placed.get(i);
            if (before.sharesWith(a)) {
                Duration was =
                        Duration.between(then.get(i).span().until(), a.span().from());
                Duration kept = was.compareTo(diary.gap()) < 0 ? was : diary.gap();
                Instant free = before.span().until().plus(kept);
                begins = free.isAfter(begins) ? rounded(free) : begins;
            }
        }
        return begins;
    }

    /** The next time that can be said. */
    static Instant rounded(Instant at) {
        long step = STEP.toMillis();
        return Instant.ofEpochMilli(Math.floorDiv(at.toEpochMilli() + step - 1, step) * step);
    }
}
