package gyrotaxis.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.testing.Each;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Covers laid out by hand, of which it is known what shows. */
class CoverTest {
    private static final Scalp HEAD = HookedHeads.MEDIUM;
    private static final CoverGrid GRID = CoverGrid.of(HEAD, 6000);
    private static final Worn DOWN = Worn.as(Way.DOWN);
    private static final double COVERED = 9;

    private static Cover even(double depth) {
        double[] all = new double[GRID.size()];
        Arrays.fill(all, depth);
        return new Cover(GRID, new boolean[GRID.size()], DOWN, all);
    }

    /** A head well covered but for discs of the map. */
    private static Cover bareAt(double radius, Vec2... middles) {
        double[] depth = new double[GRID.size()];
        for (int i = 0; i < depth.length; i++) {
            Vec2 p = GRID.middle(i);
            depth[i] = Arrays.stream(middles).anyMatch(m -> m.distance(p) < radius) ? 0 : COVERED;
        }
        return new Cover(GRID, new boolean[GRID.size()], DOWN, depth);
    }

    @ParameterizedTest
    @ValueSource(ints = {500, 6000, 12_000, 50_000})
    void cellsMakeUpTheScalpHoweverManyTheyAre(int samples) {
        CoverGrid grid = CoverGrid.of(HEAD, samples);
        long inside = IntStream.range(0, grid.size()).filter(grid::isInside).count();
        assertThat(inside * grid.cellMm() * grid.cellMm() / HEAD.areaMm2()).isCloseTo(1, within(0.02));
        long inZones = 0;
        for (Zone z : Zone.values()) {
            long in = IntStream.range(0, grid.size())
                    .filter(i -> grid.zone(i) == z.ordinal())
                    .count();
            assertThat(in).isPositive();
            inZones += in;
        }
        assertThat(inZones).isEqualTo(inside);
    }

    @Test
    void everyPlaceBelongsToTheCellWhoseMiddleIsNearest() {
        for (int i = 0; i < GRID.size(); i++) {
            Vec2 middle = GRID.middle(i);
            double almostHalf = 0.49 * GRID.cellMm();
            assertThat(GRID.cellAt(middle)).isEqualTo(i);
            assertThat(GRID.cellAt(middle.plus(new Vec2(almostHalf, -almostHalf))))
                    .isEqualTo(i);
        }
        assertThat(GRID.cellAt(new Vec2(1e4, 0))).isEqualTo(-1);
        assertThat(GRID.cellAt(new Vec2(0, -1e4))).isEqualTo(-1);
    }

    @Test
    void bothSidesAreSampledAlike() {
        for (int i = 0; i < GRID.size(); i++) {
            int mirrored = GRID.cellAt(GRID.middle(i).mirrored());
            assertThat(GRID.zone(mirrored)).isEqualTo(GRID.zone(i));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.2, 1, 4.5})
    void anEvenCoverShowsTheSameEverywhere(double depth) {
        Cover cover = even(depth);
        double shows = Math.exp(-depth / Cover.KAPPA);
        assertThat(cover.exposed()).isCloseTo(shows, within(1e-9));
        Each.of(cover.exposedByZone().values()).allSatisfy(z -> assertThat(z).isCloseTo(shows, within(1e-9)));
        assertThat(cover.meanDepth()).isCloseTo(depth, within(1e-9));
        assertThat(cover.fullness()).isCloseTo(depth / Cover.FULL_DEPTH, within(1e-9));
    }

    @Test
    void aBareHeadIsOneGapAndACoveredOneHasNone() {
        assertThat(even(COVERED).gaps()).isEmpty();
        assertThat(even(0).gaps()).singleElement().satisfies(g -> {
            assertThat(g.exposed()).isCloseTo(1, within(1e-9));
            assertThat(g.areaMm2() / HEAD.areaMm2()).isCloseTo(1, within(0.02));
            assertThat(g.x()).isCloseTo(0, within(1e-6));
        });
    }

    @Test
    void gapsAreFoundWhereTheyAreLargestFirstAndAsLargeAsTheyAre() {
        Vec2 crown = new Vec2(20, -10);
        Vec2 side = new Vec2(-60, 20);
        double radius = 12;
        List<Cover.Gap> gaps = bareAt(radius, crown, side).gaps();
        assertThat(gaps).hasSize(2);
        double disc = Math.PI * radius * radius;
        for (Cover.Gap g : gaps) {
            Vec2 meant = g.x() > 0 ? crown : side;
            assertThat(new Vec2(g.x(), g.y()).distance(meant)).isLessThan(GRID.cellMm());
            assertThat(g.areaMm2() / disc).isBetween(0.85, 1.15);
            assertThat(g.place()).asString().isNotBlank();
        }
        assertThat(gaps.get(0).areaMm2()).isGreaterThanOrEqualTo(gaps.get(1).areaMm2());
    }

    @Test
    void discsThatTouchAreOneGapAndAThumbnailIsTheLeast() {
        assertThat(bareAt(12, new Vec2(0, 0), new Vec2(18, 0)).gaps()).hasSize(1);
        assertThat(bareAt(4, new Vec2(0, 0)).gaps()).isEmpty();
        assertThat(bareAt(9, new Vec2(0, 0)).gaps()).hasSize(1);
    }

    @Test
    void aGapThatRunsRoundIsNamedByAPlaceInIt() {
        double[] depth = new double[GRID.size()];
        for (int i = 0; i < depth.length; i++) {
            double away = GRID.middle(i).distance(new Vec2(-10, 0));
            depth[i] = away > 30 && away < 45 ? 0 : COVERED;
        }
        assertThat(new Cover(GRID, new boolean[GRID.size()], DOWN, depth).gaps())
                .singleElement()
                .satisfies(g -> {
                    assertThat(new Vec2(g.x(), g.y()).distance(new Vec2(-10, 0)))
                            .isBetween(29.0, 46.0);
                    assertThat(g.exposed()).isCloseTo(1, within(1e-9));
                });
    }

    @Test
    void noMoreThanEightAreNamed() {
        Vec2[] many = IntStream.range(0, 12)
                .mapToObj(i -> new Vec2(-60 + 40.0 * (i % 4), -60 + 40.0 * (i / 4)))
                .toArray(Vec2[]::new);
        assertThat(bareAt(10, many).gaps()).hasSize(8);
    }

    @Test
    void aCoverThatIsVeryFullAndEvenIsTooRoundAndOneHeavyAtTheNapeHasAHump() {
        assertThat(Outline.of(even(7), Texture.SPRINGY_CURL, 0).isTooRound()).isTrue();
        assertThat(Outline.of(even(3), Texture.SPRINGY_CURL, 0).isTooRound()).isFalse();
        double[] heavy = new double[GRID.size()];
        for (int i = 0; i < heavy.length; i++) {
            heavy[i] = GRID.zone(i) == Zone.NAPE.ordinal() ? 12 : 2;
        }
        Outline hump = Outline.of(new Cover(GRID, new boolean[GRID.size()], DOWN, heavy), Texture.SPRINGY_CURL, 0);
        assertThat(hump.hasHump()).isTrue();
        assertThat(hump.isTooRound()).isFalse();
        Outline up =
                Outline.of(new Cover(GRID, new boolean[GRID.size()], Worn.as(Way.BUN), heavy), Texture.SPRINGY_CURL, 0);
        assertThat(up.hasHump()).isFalse();
    }

    @Test
    void refusesAGridTooCoarseToSeeWith() {
        assertThatIllegalArgumentException().isThrownBy(() -> CoverGrid.of(HEAD, 10));
    }

    private static double gapsMm2(Cover cover) {
        return cover.gaps().stream().mapToDouble(Cover.Gap::areaMm2).sum();
    }

    @Test
    void gapsAreNamedLargestFirstWithTheirAreaAndZone() {
        Cover cover = bareAt(15, new Vec2(0, 60), new Vec2(0, -60));
        assertThat(cover.gaps()).hasSize(2);
        for (Cover.Gap gap : cover.gaps()) {
            assertThat(gap.areaMm2()).isCloseTo(Math.PI * 225, within(80.0));
            assertThat(Math.abs(gap.x())).isLessThan(1.5);
            assertThat(Math.abs(Math.abs(gap.y()) - 60)).isLessThan(1.5);
            assertThat(gap.exposed()).isCloseTo(1, within(1e-9));
            assertThat(gap.zone().ordinal()).isEqualTo(GRID.zone(GRID.cellAt(new Vec2(gap.x(), gap.y()))));
        }
        double[] depth = new double[GRID.size()];
        for (int i = 0; i < depth.length; i++) {
            Vec2 p = GRID.middle(i);
            boolean isBare = p.distance(new Vec2(-50, 30)) < 12 || p.distance(new Vec2(50, 30)) < 18;
            depth[i] = isBare ? 0 : COVERED;
        }
        assertThat(new Cover(GRID, new boolean[GRID.size()], DOWN, depth).gaps())
                .extracting(g -> Math.signum(g.x()))
                .containsExactly(1.0, -1.0);
    }

    /** A thumbnail, 150 mm², is the least that is called a gap; cells are 11 mm² here. */
    @Test
    void whatIsSmallerThanAThumbnailIsNoGap() {
        assertThat(bareAt(6, new Vec2(0, 40)).gaps()).isEmpty();
        assertThat(bareAt(8.5, new Vec2(0, 40)).gaps()).hasSize(1);
    }

    @Test
    void noMoreThanEightAreNamedAndThoseAreTheLargest() {
        double[] depth = new double[GRID.size()];
        Arrays.fill(depth, COVERED);
        for (int k = 0; k < 12; k++) {
            Vec2 middle = new Vec2(-75 + 50 * (k % 4), 60 - 45 * (k / 4));
            double radius = 8 + 0.6 * k;
            for (int i = 0; i < depth.length; i++) {
                if (GRID.middle(i).distance(middle) < radius) {
                    depth[i] = 0;
                }
            }
        }
        List<Cover.Gap> gaps = new Cover(GRID, new boolean[GRID.size()], DOWN, depth).gaps();
        assertThat(gaps).hasSize(8);
        assertThat(gaps).isSortedAccordingTo((a, b) -> Double.compare(b.areaMm2(), a.areaMm2()));
        assertThat(gaps.get(7).areaMm2()).isGreaterThan(Math.PI * 10 * 10);
    }

    /** Where a gap runs round what is covered, its place is one that shows. */
    @Test
    void theMiddleOfARingLiesInTheRing() {
        double[] depth = new double[GRID.size()];
        for (int i = 0; i < depth.length; i++) {
            double r = GRID.middle(i).distance(new Vec2(10, 10));
            depth[i] = r > 25 && r < 35 ? 0 : COVERED;
        }
        Cover cover = new Cover(GRID, new boolean[GRID.size()], DOWN, depth);
        assertThat(cover.gaps()).singleElement().satisfies(g -> {
            assertThat(g.areaMm2()).isCloseTo(Math.PI * (35 * 35 - 25 * 25), within(150.0));
            assertThat(cover.exposedAt(GRID.cellAt(new Vec2(g.x(), g.y())))).isGreaterThan(0.9);
        });
    }

    /** What touches only corner to corner does not hang together. */
    @Test
    void twoGapsThatTouchAtACornerAreTwo() {
        double[] depth = new double[GRID.size()];
        Arrays.fill(depth, COVERED);
        int column = GRID.columns() / 2;
        int line = GRID.lines() / 2;
        for (int dy = 0; dy < 6; dy++) {
            for (int dx = 0; dx < 6; dx++) {
                depth[(line - 1 - dy) * GRID.columns() + column - 1 - dx] = 0;
                depth[(line + dy) * GRID.columns() + column + dx] = 0;
            }
        }
        assertThat(new Cover(GRID, new boolean[GRID.size()], DOWN, depth).gaps())
                .hasSize(2);
    }

    @Test
    void whatIsBareOnPurposeIsNoGap() {
        double[] depth = new double[GRID.size()];
        boolean[] meant = new boolean[GRID.size()];
        Arrays.fill(meant, true);
        assertThat(new Cover(GRID, meant, DOWN, depth).gaps()).isEmpty();
        assertThat(gapsMm2(even(0))).isCloseTo(HEAD.areaMm2(), within(0.02 * HEAD.areaMm2()));
    }

    /** An even head is round once it is very full; a nape that stands out by itself is a hump, worn down only. */
    @Test
    void theOutlineOfAnEvenHeadIsTooRoundOnceItIsVeryFull() {
        assertThat(Outline.of(even(1.1 * Cover.FULL_DEPTH), Texture.DEEP_WAVE, 0)
                        .isTooRound())
                .isFalse();
        Outline full = Outline.of(even(1.3 * Cover.FULL_DEPTH), Texture.DEEP_WAVE, 0);
        assertThat(full.isTooRound()).isTrue();
        assertThat(full.hasHump()).isFalse();
        double each = HairBody.of(Texture.DEEP_WAVE).footprintMm() * 0.42;
        assertThat(full.heightMm().get(Zone.MIDDLE)).isCloseTo(each * Math.sqrt(1.3 * Cover.FULL_DEPTH), within(1e-6));
    }

    @Test
    void aNapeThatStandsTwiceAsHighAsTheTopHumps() {
        for (double ratio : new double[] {1.8, 2.0}) {
            double[] depth = new double[GRID.size()];
            for (int i = 0; i < depth.length; i++) {
                boolean isNape = GRID.zone(i) == Zone.NAPE.ordinal();
                // Height goes by the root of depth.
                depth[i] = isNape ? 4 * ratio * ratio : 4;
            }
            Cover down = new Cover(GRID, new boolean[GRID.size()], DOWN, depth);
            assertThat(Outline.of(down, Texture.DEEP_WAVE, 0).hasHump()).isEqualTo(ratio > 1.9);
            assertThat(Outline.of(down, Texture.DEEP_WAVE, 0).isTooRound()).isFalse();
            Cover up = new Cover(GRID, new boolean[GRID.size()], Worn.as(Way.BUN), depth);
            assertThat(Outline.of(up, Texture.DEEP_WAVE, 0).hasHump()).isFalse();
        }
    }
}
