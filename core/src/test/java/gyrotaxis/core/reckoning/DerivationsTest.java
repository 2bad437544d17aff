package gyrotaxis.core.reckoning;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.drilling.Drills;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.reckoning.Derivation.Figure;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is said of a figure adds up to it, on heads made up by chance. */
class DerivationsTest {
    private static final Drills HEADS = new Drills(new Planner());

    private static InstallPlan plan(int seed) {
        return HEADS.make(DrillKind.HOOK_WAY, 1 + seed % 5, seed).head().orElseThrow();
    }

    private static Map<Figure, List<String>> said(InstallPlan plan) {
        return Derivations.of(plan).stream()
                .collect(Collectors.toMap(
                        Derivation::figure,
                        r -> r.steps().stream().map(Sentence::toString).toList()));
    }

    /** The sum of the numbers that a pattern finds in its first group. */
    private static int sum(List<String> steps, String pattern) {
        return steps.stream()
                .flatMap(s -> Pattern.compile(pattern).matcher(s).results())
                .map((Function<MatchResult, String>) m -> m.group(1))
                .mapToInt(Integer::parseInt)
                .sum();
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 8, 11, 20, 34})
    void whatIsSaidAddsUp(int seed) {
        InstallPlan plan = plan(seed);
        Map<Figure, List<String>> said = said(plan);
        assertThat(said).containsOnlyKeys(Figure.values());
        assertThat(said.get(Figure.LOOPS))
                .last()
                .asString()
                .contains(plan.packs().neededLoops() + ".");
        assertThat(sum(said.get(Figure.LOOPS), " × .*: (\\d+) loop"))
                .isEqualTo(plan.packs().placedLoops());
        assertThat(sum(said.get(Figure.SHARES), ": (\\d+)"))
                .isEqualTo(plan.stations().size());
        assertThat(sum(said.get(Figure.PACKS), "^(\\d+) packs? of"))
                .isEqualTo(plan.packs().packs());
        assertThat(said.get(Figure.MINUTES))
                .hasSizeGreaterThan(plan.time().minutes().size());
        assertThat(String.join(" ", said.get(Figure.COST)))
                .contains(plan.packs().lines().get(0).hair().packPrice().words());
    }

    @Test
    void moneyIsWrittenWithItsDecimals() {
        assertThat(Money.of(650, "EUR").words()).isEqualTo("6.50 EUR");
        assertThat(Money.of(1200, "JPY").words()).isEqualTo("1200 JPY");
    }
}
