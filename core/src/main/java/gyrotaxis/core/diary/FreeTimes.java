package gyrotaxis.core.diary;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * When exactly this can be done.
 *
 * <p>Method: on each day, for each stylist and chair, what is left of her hours once all that is spoken for and the gap round it are
 * taken out. In each stretch that is long enough, the time nearest to the one that was asked for. Where a whole day has no stretch that is
 * long enough, two sittings of one stylist on that day and the next, or on that day alone. The hair is prepared at the latest time before
 * at which the same stylist is free for long enough, but not on the same day unless there is no other. Where no time is left before, it is
 * prepared first and the install follows; what cannot be prepared at all is not offered.
 */
public final class FreeTimes {
    /** ASSUMPTION: less than this is not worth sitting down for. */
    static final Duration MIN_SITTING = Duration.ofMinutes(60);

    /** What a second sitting takes more: she is capped, clips and hair are laid out again. ASSUMPTION. */
    static final Duration SETTLING = Duration.ofMinutes(10);

    /** How long before an install its hair may be prepared, days. */
    private static final int PREPARED_WITHIN_DAYS = 4;

    private final Diary diary;
    private final Wanted wanted;

    private FreeTimes(Diary diary, Wanted wanted) {
        this.diary = diary;
        this.wanted = wanted;
    }

    /** The nearest free times, the best first, at most so many, no two on one day by one stylist. */
    public static List<Offer> of(Diary diary, Wanted wanted, int most) {
        return new FreeTimes(diary, wanted).offers(most);
    }

    /**
     * When what is to be done before a moment can be done by somebody; empty if no time is left for it.
     *
     * @param length how long it takes; longer than 0
     */
    public static Optional<Span> preparation(
            Diary diary, StylistId by, Instant before, Duration length, Instant notBefore) {
        Wanted w = new Wanted(Occasion.PREPARE, length, Optional.of(by), before, notBefore, notBefore, length, 1);
        return new FreeTimes(diary, w).prepared(by, before);
    }

    /** Whether what is prepared from a moment on is prepared for what begins at another, and not for something long after. */
    public static boolean isPreparedFor(Diary diary, Span prepared, Instant begins) {
        return !prepared.until().isAfter(begins)
                && !diary.day(prepared.from()).plusDays(PREPARED_WITHIN_DAYS).isBefore(diary.day(begins));
    }

    private List<Offer> offers(int most) {
        List<Offer> whole = new ArrayList<>();
        List<Offer> parted = new ArrayList<>();
        LocalDate first = diary.day(wanted.notBefore());
        for (int d = 0; d < wanted.days(); d++) {
            for (Stylist s : stylists()) {
                LocalDate day = first.plusDays(d);
                nearest(s, day)
                        .map(sitting -> offer(List.of(sitting)))
                        .filter(this::isPrepared)
                        .or(() -> preparedFirst(s, day))
                        .ifPresentOrElse(whole::add, new InTwo(s, day, parted)::add);
            }
        }
        List<Offer> all = new ArrayList<>(whole.isEmpty() ? parted : inSight(whole, parted));
        all.sort(Comparator.comparing((Offer o) -> off(o.first().span()))
                .thenComparing(o -> o.first().span().from()));
        return all.stream().limit(most).toList();
    }

    /** Two sittings are offered beside whole ones only where they come sooner than any. */
    private static List<Offer> inSight(List<Offer> whole, List<Offer> parted) {
        Instant soonest = whole.stream()
                .map(o -> o.first().span().from())
                .min(Comparator.naturalOrder())
                .orElseThrow();
        return Stream.concat(
                        whole.stream(),
                        parted.stream()
                                .filter(o -> o.sittings().get(1).span().until().isBefore(soonest)))
                .toList();
    }

    private List<Stylist> stylists() {
        return diary.stylists().stream()
                .filter(s ->
                        wanted.stylist().isEmpty() || wanted.stylist().get().equals(s.id()))
                .toList();
    }

    private Offer offer(List<Offer.Sitting> sittings) {
        return new Offer(sittings, prepared(sittings.get(0)));
    }

    private Duration off(Span s) {
        return Duration.between(wanted.near(), s.from()).abs();
    }

    private boolean isPrepared(Offer o) {
        return wanted.prepare().isZero() || o.prepared().isPresent();
    }

    /** The hair first, then the gap, then she. */
    private Optional<Offer> preparedFirst(Stylist s, LocalDate day) {
        Duration before = upToAStep(wanted.prepare().plus(diary.gap()));
        return sittings(s, day, before.plus(wanted.length()), wanted.near().minus(before))
                .map(both -> new Offer(
                        List.of(new Offer.Sitting(
                                Span.of(both.span().from().plus(before), wanted.length()),
                                both.chair(),
                                both.stylist())),
                        Optional.of(Span.of(both.span().from(), wanted.prepare()))))
                .min(Comparator.comparing((Offer o) -> off(o.first().span())));
    }

    private static Duration upToAStep(Duration length) {
        long steps = (length.toMinutes() + Late.STEP.toMinutes() - 1) / Late.STEP.toMinutes();
        return Late.STEP.multipliedBy(steps);
    }

    private Optional<Offer.Sitting> nearest(Stylist s, LocalDate day) {
        return sittings(s, day, wanted.length(), wanted.near())
                .min(Comparator.comparing((Offer.Sitting o) -> off(o.span())));
    }

    /** In each stretch that is long enough, the time nearest to a moment. */
    private Stream<Offer.Sitting> sittings(Stylist s, LocalDate day, Duration length, Instant near) {
        return places().flatMap(chair -> free(s, chair, day, wanted.notBefore()).stream()
                .filter(f -> f.length().compareTo(length) >= 0)
                .flatMap(f -> at(f, length, near).stream())
                .map(span -> new Offer.Sitting(span, chair, s.id())));
    }

    private static Optional<Span> at(Span free, Duration length, Instant near) {
        Instant latest = free.until().minus(length);
        Instant begins = near.isBefore(free.from()) ? free.from() : near.isAfter(latest) ? latest : near;
        Instant said = Late.rounded(begins);
        Instant fits = said.isAfter(latest) ? said.minus(Late.STEP) : said;
        return fits.isBefore(free.from()) ? Optional.empty() : Optional.of(Span.of(fits, length));
    }

    private Stream<Optional<ChairId>> places() {
        return wanted.occasion().takesChair() ? diary.chairs().stream().map(Optional::of) : Stream.of(Optional.empty());
    }

    /** What is left of a day for her and a chair, gaps kept. */
    private List<Span> free(Stylist s, Optional<ChairId> chair, LocalDate day, Instant earliest) {
        List<Span> free = new ArrayList<>();
        Optional<Span> hours =
                s.hours().on(day, diary.zone()).filter(h -> h.until().isAfter(earliest));
        if (hours.isEmpty()) {
            return free;
        }
        Instant from = later(hours.get().from(), earliest);
        for (Appointment a : diary.appointments()) {
            if (!a.stylist().equals(s.id()) && (chair.isEmpty() || !a.chair().equals(chair))) {
                continue;
            }
            Instant closes =
                    earlier(a.span().from().minus(diary.gap()), hours.get().until());
            if (closes.isAfter(from)) {
                free.add(new Span(from, closes));
            }
            from = later(from, a.span().until().plus(diary.gap()));
        }
        if (hours.get().until().isAfter(from)) {
            free.add(new Span(from, hours.get().until()));
        }
        return free;
    }

    private static Instant later(Instant a, Instant b) {
        return a.isAfter(b) ? a : b;
    }

    private static Instant earlier(Instant a, Instant b) {
        return a.isBefore(b) ? a : b;
    }

    private Optional<Span> prepared(Offer.Sitting sitting) {
        return wanted.prepare().isZero()
                ? Optional.empty()
                : prepared(sitting.stylist(), sitting.span().from());
    }

    private Optional<Span> prepared(StylistId by, Instant before) {
        Stylist s = diary.stylist(by).orElseThrow();
        LocalDate day = diary.day(before);
        for (int back = 1; back <= PREPARED_WITHIN_DAYS; back++) {
            Optional<Span> time = latest(s, day.minusDays(back), before);
            if (time.isPresent()) {
                return time;
            }
        }
        return latest(s, day, before);
    }

    private Optional<Span> latest(Stylist s, LocalDate day, Instant until) {
        List<Span> free = free(s, Optional.empty(), day, wanted.preparedFrom());
        for (int i = free.size() - 1; i >= 0; i--) {
            Instant ends = earlier(free.get(i).until(), until);
            Instant begins =
                    Late.rounded(ends.minus(wanted.prepare()).minus(Late.STEP).plusMillis(1));
            if (!begins.isBefore(free.get(i).from()) && begins.isBefore(ends)) {
                return Optional.of(Span.of(begins, wanted.prepare()));
            }
        }
        return Optional.empty();
    }

    /** Two sittings that begin on a day. */
    private final class InTwo {
        private final Stylist stylist;
        private final LocalDate day;
        private final List<Offer> offers;

        InTwo(Stylist stylist, LocalDate day, List<Offer> offers) {
            this.stylist = stylist;
            this.day = day;
            this.offers = offers;
        }

        void add() {
            if (wanted.length().compareTo(MIN_SITTING.multipliedBy(2)) < 0) {
                return;
            }
            Optional<Offer.Sitting> first = longest();
            if (first.isEmpty()) {
                return;
            }
            Duration rest = wanted.length().minus(first.get().span().length()).plus(SETTLING);
            Duration second = rest.compareTo(MIN_SITTING) < 0 ? MIN_SITTING : rest;
            Stream.of(day, day.plusDays(1), day.plusDays(2))
                    .flatMap(d -> sittings(stylist, d, second, wanted.near()))
                    .filter(o -> !o.span().from().isBefore(first.get().span().until()))
                    .min(Comparator.comparing((Offer.Sitting o) -> o.span().from()))
                    .map(o -> offer(List.of(first.get(), o)))
                    .filter(FreeTimes.this::isPrepared)
                    .ifPresent(offers::add);
        }

        private Optional<Offer.Sitting> longest() {
            return places().flatMap(c -> free(stylist, c, day, wanted.notBefore()).stream()
                            .filter(f -> f.length().compareTo(MIN_SITTING) >= 0)
                            .map(f -> new Offer.Sitting(whole(f), c, stylist.id())))
                    .max(Comparator.comparing((Offer.Sitting o) -> o.span().length()));
        }

        /** As much of a stretch as begins and ends at times that can be said, and as is needed. */
        private Span whole(Span f) {
            Instant from = Late.rounded(f.from());
            Instant until = Late.rounded(f.until().minus(Late.STEP).plusMillis(1));
            Duration most = wanted.length().minus(MIN_SITTING);
            Duration there = Duration.between(from, until);
            return Span.of(from, there.compareTo(most) > 0 ? most : there);
        }
    }
}
