package gyrotaxis.core.plan;

import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.foundation.Braiding;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;

/**
 * What the brief comes to.
 *
 * @param brief what was asked
 * @param scalp the head, made ready to plan on
 * @param foundation the rows
 * @param braiding where their tails end, and in which order they are braided
 * @param hooking spacing and share by zone
 * @param stations where shares are hooked, row by row
 * @param tally shares by size
 * @param packs what to buy
 * @param time how long it takes
 * @param weightGrams weight of all hair placed, g
 * @param findings what is to be said about it, gravest first
 */
public record InstallPlan(
        InstallBrief brief,
        Scalp scalp,
        Foundation foundation,
        Braiding braiding,
        HookingPlan hooking,
        List<Station> stations,
        LoopTally tally,
        PackCount packs,
        ChairTime time,
        double weightGrams,
        List<Finding> findings) {
    public InstallPlan {
        stations = List.copyOf(stations);
        findings = List.copyOf(findings);
    }
}
