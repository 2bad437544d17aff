package gyrotaxis.server.visits;

import gyrotaxis.core.chair.Account;
import gyrotaxis.core.chair.Verdict;
import gyrotaxis.core.chair.VisitEvent.BundleOpened;
import gyrotaxis.core.chair.VisitState;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Supply;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a visit came to, against what was planned.
 *
 * @param passesPlanned mean passes as planned for what is hooked; null if nothing with passes is
 * @param passesUsed mean passes really used
 * @param changed what was changed at the chair, in words
 * @param verdict what is to be otherwise next time, in words
 */
record AccountView(
        List<AccountHair> hair,
        List<AccountStage> stages,
        @Nullable @Schema(nullable = true) Double passesPlanned,
        @Nullable @Schema(nullable = true) Double passesUsed,
        List<SlippedView> slipped,
        int takenOut,
        int leftOut,
        List<String> changed,
        List<String> verdict) {

    /** One hair: loops planned, kept back, there, used and left, and out of which lots. */
    record AccountHair(
            String name,
            String colour,
            double planned,
            int reserve,
            int there,
            int packsBought,
            int bundles,
            double opened,
            double used,
            double fills,
            double left,
            boolean isCounted,
            List<String> lots) {}

    /** A stage: minutes planned for what was done in it, and taken; null if no clock ran. */
    record AccountStage(
            Stage stage,
            double planned,
            @Nullable @Schema(nullable = true) Double taken) {}

    /** How many slid in a zone. */
    record SlippedView(Zone zone, String words, int count) {}

    static AccountView of(VisitLoader.Work work) {
        VisitState state = work.state();
        Account a = Account.of(work.ready().sheet(), work.events());
        List<Supply> supplies = work.ready().sheet().supplies();
        return new AccountView(
                a.hair().stream()
                        .map(h -> hair(h, supplies.get(h.supply()), state))
                        .toList(),
                a.minutes().stream()
                        .map(m -> new AccountStage(
                                m.stage(),
                                m.planned().likely(),
                                m.taken().isPresent() ? m.taken().getAsDouble() : null))
                        .toList(),
                a.passes().planned().isPresent() ? a.passes().planned().getAsDouble() : null,
                a.passes().used().isPresent() ? a.passes().used().getAsDouble() : null,
                a.slipped().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(e -> new SlippedView(e.getKey(), e.getKey().words(), e.getValue()))
                        .toList(),
                a.takenOut(),
                a.leftOut(),
                state.replaced().values().stream()
                        .map(r -> supplies.get(r.supply()).line().name() + " replaced by "
                                + (r.line() + " " + r.colour()).strip())
                        .toList(),
                state.takedown().judged().stream()
                        .flatMap(j -> j.changes().stream())
                        .map(Verdict::words)
                        .toList());
    }

    private static AccountHair hair(Account.Hair h, Supply s, VisitState state) {
        return new AccountHair(
                s.line().name(),
                s.colour(),
                h.planned(),
                h.reserve(),
                h.there(),
                h.packsBought(),
                h.bundles(),
                h.opened(),
                h.used(),
                h.fills(),
                h.left(),
                h.isCounted(),
                state.bundles().stream()
                        .map(VisitState.Bundle::opened)
                        .filter(b -> b.supply() == h.supply())
                        .map(BundleOpened::lot)
                        .filter(lot -> !lot.isBlank())
                        .distinct()
                        .toList());
    }
}
