package gyrotaxis.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.plan.Planner;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DrillsTest {
    private static final int SEEDS = Integer.getInteger("drills", 5);

    private final Drills drills = new Drills(new Planner());

    @ParameterizedTest
    @EnumSource(DrillKind.class)
    void theSolutionOfEveryDrillIsRight(DrillKind kind) {
        long t = System.nanoTime();
        for (int level = 1; level <= 5; level++) {
            for (int seed = 0; seed < SEEDS; seed++) {
                Drill drill = drills.make(kind, level, seed);
                Verdict verdict = drill.key().judge(drill.key().solution());
                assertThat(verdict.isRight())
                        .as(kind + " " + level + " " + seed)
                        .isTrue();
                if (seed == 0) {
                    System.out.println(kind + " " + level + ": " + drill.question() + " -> " + drill.ask() + "\n    "
                            + drill.key().solution() + " " + verdict.reason());
                }
            }
        }
        System.out.printf("%s %.0f ms each%n", kind, (System.nanoTime() - t) / 1e6 / 5 / SEEDS);
    }
}
