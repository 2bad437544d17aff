package gyrotaxis.core.hooking;

import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.WorkStep;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Shares hang as they are taken down. */
class HangOrderTest {

    @ParameterizedTest
    @EnumSource(Method.Order.class)
    void everySizeHangsBeforeTheSizesThatAreUsedAfterIt(Method.Order order) {
        Hooked hooked = HookedHeads.medium(Texture.SPRINGY_CURL);
        List<WorkStep> work = WorkOrder.of(order, STRAIGHT, hooked.stations());
        Map<Share, Integer> hung = HangOrder.of(work, hooked.stations(), 0);
        assertThat(hung.keySet())
                .containsExactlyInAnyOrderElementsOf(
                        hooked.tallies().get(0).sharesBySize().keySet());
        assertThat(new ArrayList<>(hung.values())).isSorted();

        Map<StationId, Share> shares = new HashMap<>();
        hooked.stations().forEach(s -> shares.put(s.id(), s.share()));
        for (WorkStep step : work) {
            for (StationId id : step.stations()) {
                assertThat(hung.get(shares.get(id))).isLessThanOrEqualTo(step.number());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Method.Order.class)
    void hairThatIsNotInTheMixIsNotHung(Method.Order order) {
        Hooked hooked = HookedHeads.medium(Texture.DEEP_WAVE);
        List<WorkStep> work = WorkOrder.of(order, STRAIGHT, hooked.stations());
        assertThat(HangOrder.of(work, hooked.stations(), 1)).isEmpty();
    }
}
