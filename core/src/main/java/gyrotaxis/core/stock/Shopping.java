package gyrotaxis.core.stock;

import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.quantity.Money;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * What is to be bought for what is planned, and what happens if it comes late.
 *
 * <p>Method: needs are met in order of their days. Each takes what is set aside for it, then what is free: what is on the shelf less what
 * is set aside for anybody, then what was ordered and is promised in time for it. What is missing of one line and colour is bought together,
 * in the cheapest packs.
 *
 * @param buys by line and colour, the most urgent first
 * @param met what each need gets from the shelf, in order of the days
 */
public record Shopping(List<Buy> buys, List<Met> met) {
    /**
     * A need, and how far the shelf meets it.
     *
     * @param fromShelf loops that are there for it
     * @param coming loops that are on their way and promised in time
     * @param missing loops that are neither
     */
    public record Met(Need need, int fromShelf, int coming, int missing) {}

    /**
     * One line in one colour.
     *
     * @param missing loops that are missing
     * @param packs which packs to buy
     * @param forWhom whom it is for, the first first
     * @param orderBy the last day on which it can be ordered so that it comes in time
     * @param spareDays how many days late it may come before somebody's hair is missing; less than 0 if it comes late already, ordered today
     * @param lateFor the needs that are not met if it comes a day later than that
     */
    public record Buy(
            Sold what,
            String colour,
            int missing,
            List<PackCount.Bought> packs,
            List<Need> forWhom,
            LocalDate orderBy,
            int spareDays,
            List<Need> lateFor) {
        /** What it costs. */
        public Money cost() {
            return packs.stream()
                    .map(b -> b.size().price().times(b.count()))
                    .reduce(new Money(0, what.line().packPrice().currency()), Money::plus);
        }
    }

    public Shopping {
        buys = List.copyOf(buys);
        met = List.copyOf(met);
    }

    /** Of whom and of what it is asked. */
    private record Kind(LineId line, String colour) {}

    /**
     * What to buy.
     *
     * @param coming what was ordered and is not here, in any order
     * @param needs all that is planned, in any order; of lines that nobody sells nothing is bought
     * @param today the day on which it would be ordered
     */
    public static Shopping of(
            Stock stock,
            List<SetAside> setAside,
            List<Coming> coming,
            List<Need> needs,
            List<Sold> sold,
            LocalDate today) {
        List<Coming> onTheWay = new ArrayList<>(coming);
        Map<Kind, Integer> free = new LinkedHashMap<>();
        List<Met> met = new ArrayList<>();
        Map<Kind, List<Met>> missing = new LinkedHashMap<>();
        for (Need n : needs.stream().sorted(Comparator.comparing(Need::by)).toList()) {
            Kind kind = new Kind(n.line(), n.colour());
            int hers = setAside.stream()
                    .filter(s -> s.forWhom().equals(n.forWhom()) && kind.equals(new Kind(s.line(), s.colour())))
                    .mapToInt(SetAside::loops)
                    .sum();
            int there = free.computeIfAbsent(kind, k -> stock.freeLoops(k.line(), k.colour(), setAside));
            int more = Math.max(0, Math.min(n.loops() - hers, there));
            free.put(kind, there - more);
            int from = Math.min(n.loops(), hers) + more;
            int comes = taken(onTheWay, n, n.loops() - from);
            Met m = new Met(n, from, comes, n.loops() - from - comes);
            met.add(m);
            if (m.missing() > 0) {
                missing.computeIfAbsent(kind, k -> new ArrayList<>()).add(m);
            }
        }
        List<Buy> buys = new ArrayList<>();
        missing.forEach((kind, some) -> sold.stream()
                .filter(s -> s.id().equals(kind.line()))
                .findFirst()
                .ifPresent(s -> buys.add(buy(s, kind.colour(), some, today))));
        buys.sort(Comparator.comparing(Buy::orderBy)
                .thenComparing(b -> b.what().line().name()));
        return new Shopping(buys, met);
    }

    /** Takes for a need what comes in time for it, and leaves the rest on its way for others. */
    private static int taken(List<Coming> onTheWay, Need n, int most) {
        int taken = 0;
        for (int i = 0; i < onTheWay.size() && taken < most; i++) {
            Coming c = onTheWay.get(i);
            boolean isHers = c.line().equals(n.line()) && c.colour().equals(n.colour()) && !c.by().isAfter(n.by());
            if (isHers) {
                int some = Math.min(c.loops(), most - taken);
                onTheWay.set(i, new Coming(c.line(), c.colour(), c.loops() - some, c.by()));
                taken += some;
            }
        }
        return taken;
    }

    private static Buy buy(Sold s, String colour, List<Met> missing, LocalDate today) {
        int loops = missing.stream().mapToInt(Met::missing).sum();
        LocalDate first = missing.get(0).need().by();
        LocalDate orderBy = first.minusDays(s.leadDays());
        int spare = (int) ChronoUnit.DAYS.between(today.plusDays(s.leadDays()), first);
        LocalDate comes = today.plusDays(s.leadDays()).plusDays(Math.max(0, spare) + 1L);
        return new Buy(
                s,
                colour,
                loops,
                PackCount.of(loops, s.line(), 0, 0).bought(),
                missing.stream().map(Met::need).toList(),
                orderBy,
                spare,
                missing.stream()
                        .map(Met::need)
                        .filter(n -> n.by().isBefore(comes))
                        .toList());
    }

    /** How late anything may come before somebody's hair is missing, days; empty if nothing is bought. */
    public OptionalInt spareDays() {
        return buys.stream().mapToInt(Buy::spareDays).min();
    }
}
