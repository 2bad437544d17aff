package gyrotaxis.core.hooking;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.WorkStep;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** In which order shares that were split beforehand are hung up: as they will be taken down. */
public final class HangOrder {
    private HangOrder() {}

    /**
     * The sizes of one hair's shares in the order of their first use.
     *
     * @param work the steps, in turn
     * @param strand which hair of the mix
     * @return the number of the step in which each size is first used
     */
    public static Map<Share, Integer> of(List<WorkStep> work, List<Station> stations, int strand) {
        Map<StationId, Station> byId = new HashMap<>();
        stations.forEach(s -> byId.put(s.id(), s));
        Map<Share, Integer> first = new LinkedHashMap<>();
        for (WorkStep step : work) {
            for (StationId id : step.stations()) {
                Station s = byId.get(id);
                if (s != null && s.strand() == strand) {
                    first.putIfAbsent(s.share(), step.number());
                }
            }
        }
        return first;
    }
}
