package gyrotaxis.core.wear;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.OtherHair;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.scalp.DressForm;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.testing.Each;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What hair does that has left the head. */
class HangingHairTest {
    private static final CoverGrid GRID = CoverGrid.of(MEDIUM, 1_500);
    private static final double LENGTH_MM = HookedHeads.hair(Texture.LOOSE_WAVE).lengthMm();

    private static List<FallenHair> worn(Way way) {
        return FallSimulator.hair(GRID, STRAIGHT, HookedHeads.medium(Texture.LOOSE_WAVE), Worn.as(way), 0);
    }

    private static double length(List<Vec3> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += line.get(i).distance(line.get(i - 1));
        }
        return sum;
    }

    /** Steps over a round head are chords, and a little longer or shorter than the way along it. */
    @ParameterizedTest
    @EnumSource(
            value = Way.class,
            names = {"DOWN", "SWEPT_LEFT", "WIND", "HALF_UP"})
    void onTheHeadAndOffItAllOfItsLengthIsThere(Way way) {
        for (FallenHair h : worn(way)) {
            assertThat(h.fall().riseMm() + length(h.line())).isBetween(0.85 * LENGTH_MM, 1.05 * LENGTH_MM);
        }
    }

    /** Unless head, neck or shoulders turn it aside. */
    @Test
    void itBendsDownAsItHangsAndNeverBackUp() {
        DressForm form = DressForm.of(MEDIUM);
        int hanging = 0;
        for (FallenHair h : worn(Way.DOWN)) {
            List<Vec3> off = h.line().subList(h.onHead() - 1, h.line().size());
            double steep = Double.NEGATIVE_INFINITY;
            for (int i = 1; i < off.size(); i++) {
                Vec3 step = off.get(i).minus(off.get(i - 1));
                double down = -step.z() / step.norm();
                boolean isFree = form.rest(off.get(i), 6).out().norm() == 0
                        && form.rest(off.get(i - 1), 6).out().norm() == 0;
                if (isFree) {
                    assertThat(down).isGreaterThanOrEqualTo(steep - 1e-9);
                    hanging += down > 0.99 ? 1 : 0;
                }
                steep = isFree ? down : Double.NEGATIVE_INFINITY;
            }
        }
        assertThat(hanging).isGreaterThan(100);
    }

    /** However long, and however it is worn: none of it runs through her, or stretches where it is turned aside. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void itRestsOnHeadNeckAndShouldersAndKeepsItsLength(Way way) {
        DressForm form = DressForm.of(MEDIUM);
        HairLine hair = HookedHeads.hair(Texture.SILKY_WAVE, 660);
        Hooked hooked = Hooker.hook(MEDIUM, STRAIGHT, hair, 1, HookingBrief.usual(), Demand.ordinary(), List.of(), 0);
        int low = 0;
        for (FallenHair h : FallSimulator.hair(GRID, STRAIGHT, hooked, Worn.as(way), 0)) {
            List<Vec3> off = h.line().subList(h.onHead(), h.line().size());
            Each.of(off)
                    .allSatisfy(p -> assertThat(form.rest(p, 0).out().norm())
                            .as("%s within the form", p)
                            .isZero());
            assertThat(h.fall().riseMm() + length(h.line())).isBetween(0.9 * 660, 1.08 * 660);
            low += off.stream().anyMatch(p -> p.z() < -240) ? 1 : 0;
        }
        assertThat(low).isGreaterThan(way == Way.BUN || way == Way.WIND ? -1 : 30);
    }

    /** Drawn over the top and round behind, not down over the face, where 4 to 7 shares of a head hung like a curtain. */
    @ParameterizedTest
    @EnumSource(
            value = Way.class,
            names = {"DOWN", "SWEPT_LEFT", "SWEPT_RIGHT"})
    void theFaceStaysFreeAndSweptHairComesTogetherOnItsSide(Way way) {
        double brow = MEDIUM.at(Landmark.FRONT_CENTRE).z() - 25;
        List<FallenHair> all = worn(way);
        Each.of(all)
                .allSatisfy(h ->
                        assertThat(h.line()).noneMatch(p -> p.y() > 50 && p.z() < brow && Math.abs(p.x()) < 45));
        double side = way == Way.SWEPT_LEFT ? -1 : 1;
        double there = all.stream()
                        .filter(h -> side * h.line().get(h.line().size() - 1).x() > 0)
                        .count()
                / (double) all.size();
        assertThat(there).isBetween(way == Way.DOWN ? 0.4 : 0.85, way == Way.DOWN ? 0.6 : 1);
    }

    @Test
    void aBunIsWoundAboutItsTieAndAPonytailHangsFromIt() {
        Each.of(worn(Way.BUN))
                .allSatisfy(h -> Each.of(h.line().subList(h.onHead(), h.line().size()))
                        .allSatisfy(p -> assertThat(p.distance(MEDIUM.at(Landmark.CROWN)))
                                .isLessThan(60)));
        Vec3 crown = MEDIUM.at(Landmark.CROWN);
        Vec3 low = MEDIUM.at(Landmark.OCCIPITAL_BONE);
        long hangs = 0;
        for (FallenHair h : worn(Way.HIGH_PONYTAIL)) {
            if (h.line().size() > h.onHead()) {
                hangs++;
                Vec3 leaves = h.line().get(h.onHead() - 1);
                assertThat(leaves.distance(crown)).isLessThan(14 + 8.0);
            }
        }
        assertThat(hangs).isGreaterThan(50);
        Each.of(worn(Way.LOW_PONYTAIL).stream()
                        .filter(h -> h.line().size() > h.onHead())
                        .map(h -> h.line().get(h.onHead() - 1)))
                .allSatisfy(leaves -> assertThat(leaves.distance(low)).isLessThan(14 + 8.0));
    }

    /** The shortest hair there is, and own hair that is cut off at its root. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void theShortestHairHasAFallToo(Way way) {
        HairLine hair = HookedHeads.hair(Texture.COARSE_KINKY, HairLine.LENGTH_MM.min());
        Vec3 front = MEDIUM.at(Landmark.FRONT_CENTRE);
        Hooked hooked = Hooker.hook(MEDIUM, STRAIGHT, hair, 1, HookingBrief.usual(), Demand.ordinary(), List.of(), 0)
                .beside(List.of(new OtherHair.LeftOut(front, MEDIUM.chart().project(front), 10, 0, 120)));
        assertThat(FallSimulator.hair(GRID, STRAIGHT, hooked, Worn.as(way), 0))
                .hasSameSizeAs(hooked.stations())
                .isNotEmpty()
                .allSatisfy(h -> assertThat(h.onHead()).isBetween(1, h.line().size()));
        assertThat(FallSimulator.otherHair(GRID, STRAIGHT, hooked, Worn.as(way), 0))
                .singleElement()
                .satisfies(o -> assertThat(o.fall().line()).isNotEmpty());
    }

    /** Half up, what grows in front of the crown and above the middle of the head is drawn there; the rest falls. */
    @Test
    void halfUpDrawsTheFrontAndLeavesTheBack() {
        Vec3 crown = MEDIUM.at(Landmark.CROWN);
        List<FallenHair> down = worn(Way.DOWN);
        List<FallenHair> half = worn(Way.HALF_UP);
        for (int i = 0; i < half.size(); i++) {
            Vec3 root = half.get(i).line().get(0);
            if (root.y() > crown.y() + 1 && root.z() > 1) {
                Vec3 leaves = half.get(i).line().get(half.get(i).onHead() - 1);
                assertThat(leaves.distance(crown)).isLessThan(root.distance(crown) + 1e-6);
            } else if (root.y() < crown.y() - 1 || root.z() < -1) {
                assertThat(half.get(i).line()).isEqualTo(down.get(i).line());
            }
        }
        assertThat(half).isNotEqualTo(down);
    }

    /** The wind comes from in front and from her left: it carries hair back and to her right. */
    @Test
    void windCarriesHairBackAndToHerRight() {
        List<FallenHair> down = worn(Way.DOWN);
        List<FallenHair> wind = worn(Way.WIND);
        double right = 0;
        double back = 0;
        for (int i = 0; i < down.size(); i++) {
            Vec3 still = down.get(i).line().get(down.get(i).onHead() - 1);
            Vec3 blown = wind.get(i).line().get(wind.get(i).onHead() - 1);
            right += blown.x() - still.x();
            back += still.y() - blown.y();
        }
        assertThat(right / down.size()).isGreaterThan(5);
        assertThat(back / down.size()).isGreaterThan(5);
        assertThat(wind.get(0).fall().riseMm() + length(wind.get(0).line()))
                .isCloseTo(LENGTH_MM, within(0.15 * LENGTH_MM));
    }
}
