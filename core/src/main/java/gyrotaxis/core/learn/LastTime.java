package gyrotaxis.core.learn;

import gyrotaxis.core.care.FollowUp.Outcome;
import gyrotaxis.core.chair.Account;
import gyrotaxis.core.chair.Takedown;
import gyrotaxis.core.chair.Verdict;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.ownhair.ScalpCondition;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The last visit in one sentence: what it used, what went wrong, and what is to be otherwise. */
public final class LastTime {
    private LastTime() {}

    /**
     * The sentence, without a capital: "used 96 of 120 loops, 4 slid at the front, itched in between: less hair, one pass more".
     *
     * @param told what was told of it while it was worn
     */
    public static String of(Account account, Takedown takedown, Set<Outcome> told) {
        List<String> happened = new ArrayList<>();
        Account.Hair main = account.main();
        long used = Math.round(main.used());
        happened.add(
                main.opened() > 0
                        ? "used " + used + " of " + Math.round(main.opened()) + " loops"
                        : "used " + used + " loops");
        slid(account, told, happened);
        if (told.contains(Outcome.ITCHED)) {
            happened.add("itched while worn");
        }
        if (told.contains(Outcome.SORE)) {
            happened.add("was sore");
        }
        if (told.contains(Outcome.FLATTER)) {
            happened.add("flat after a week");
        }
        takedown.skin()
                .filter(s -> !s.seen().isEmpty())
                .ifPresent(s -> happened.add(
                        s.seen().stream().map(ScalpCondition::words).collect(Collectors.joining(", "))
                                + " at takedown"));
        if (!takedown.cuts().isEmpty()) {
            happened.add("own hair cut at takedown");
        }
        String next = takedown.judged()
                .map(j -> j.changes().stream().map(Verdict::words).collect(Collectors.joining(", ")))
                .orElse("");
        return String.join(", ", happened) + (next.isEmpty() ? "" : ": " + next);
    }

    private static void slid(Account account, Set<Outcome> told, List<String> happened) {
        if (account.slippedInAll() > 0) {
            Zone where = account.slipped().entrySet().stream()
                    .max(Map.Entry.<Zone, Integer>comparingByValue()
                            .thenComparing(e -> -e.getKey().ordinal(), Comparator.naturalOrder()))
                    .orElseThrow()
                    .getKey();
            happened.add(account.slippedInAll() + " slid, most at the " + where.words());
        }
        if (told.contains(Outcome.MANY_SLID)) {
            happened.add("many slid later");
        } else if (told.contains(Outcome.FEW_SLID)) {
            happened.add("a few slid later");
        }
    }
}
