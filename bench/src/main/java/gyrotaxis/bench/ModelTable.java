package gyrotaxis.bench;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.Bricks;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Worn;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Prints what the model makes of a medium head: for every texture, family and number of rows how many loops, how full, how much
 * shows by zone, how many gaps, how many minutes, how far shares lie off the middle of their neighbours' gaps and how many of
 * them are level, loose ends and the greatest bulk. It is the one table by which the constants of cover and density are set.
 */
public final class ModelTable {
    private static final HeadMeasures HEAD = HeadMeasures.ofAll(565, 360, 330, 317, 370, 125);
    private static final double EAR_LINE_MM = 12;
    private static final double PER_CENT = 100;

    private ModelTable() {}

    /**
     * Prints the table in Markdown.
     *
     * @param args how full, no unit; a full look and half the hair if nothing is said
     */
    public static void main(String[] args) {
        List<Double> fullness = args.length > 0 ? List.of(Double.parseDouble(args[0])) : List.of(1.0, 0.5);
        for (double full : fullness) {
            System.out.printf(Locale.ROOT, "%nFullness %.2f%n%n", full);
            System.out.println(
                    "| texture | foundation | loops | full | front | middle | back | nape | gaps | minutes | off brick | level | loose | bulk |");
            System.out.println("|---|---|---|---|---|---|---|---|---|---|---|---|---|---|");
            for (Texture texture : Texture.values()) {
                foundations().forEach((name, rows) -> print(texture, name, rows, full));
            }
        }
    }

    private static Map<String, FoundationBrief> foundations() {
        Map<String, FoundationBrief> all = new LinkedHashMap<>();
        all.put("8 into 3", FoundationBrief.of(8, 3, EAR_LINE_MM));
        all.put("14 into 5", FoundationBrief.of(14, 5, EAR_LINE_MM));
        all.put("20 into 8", FoundationBrief.of(20, 8, EAR_LINE_MM));
        all.put("12 to the nape", FoundationBrief.of(12, 12, EAR_LINE_MM));
        all.put(
                "14 into 5, middle part",
                FoundationBrief.of(14, 5, EAR_LINE_MM)
                        .withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS));
        all.put("14, switchback of 4", back(new Back.Switchback(4, false, Back.FrontTails.THREADED)));
        all.put("14, switchback of 6", back(new Back.Switchback(6, false, Back.FrontTails.THREADED)));
        all.put("14, cross-tied", back(new Back.CrossTied()));
        all.put("spiral of 18 mm", back(new Back.Spiral(18)));
        all.put("spiral of 30 mm", back(new Back.Spiral(30)));
        all.put("14, cap over 5", back(new Back.Capped(5, 0, false, false)));
        all.put("14, wefts on 5", back(new Back.Wefted(5, false)));
        all.put("14, wefts doubled on 5", back(new Back.Wefted(5, true)));
        return all;
    }

    private static FoundationBrief back(Back back) {
        return FoundationBrief.of(14, back, EAR_LINE_MM);
    }

    private static HairLine hair(Texture texture) {
        return new HairLine(
                "Slack Water",
                texture,
                300,
                false,
                20,
                1,
                texture.usualGramsPerM() * 0.3,
                Money.of(650, "EUR"),
                false,
                List.of("ink"));
    }

    private static void print(Texture texture, String name, FoundationBrief rows, double fullness) {
        Planner planner = new Planner();
        InstallPlan plan =
                planner.plan(InstallBrief.of(HEAD, rows, hair(texture)).withFullness(fullness));
        Cover cover = planner.wear(plan, Worn.all(plan.foundation()).get(0)).cover();
        Bricks bricks = Bricks.of(plan.foundation(), plan.hooked().stations());
        Map<Zone, Double> shows = cover.exposedByZone();
        System.out.printf(
                Locale.ROOT,
                "| %s | %s | %d | %.2f | %.1f %% | %.1f %% | %.1f %% | %.1f %% | %d | %.0f | %.2f | %d/%d | %d | %.1f |%n",
                texture.words(),
                name,
                plan.packs().neededLoops(),
                cover.fullness(),
                PER_CENT * shows.getOrDefault(Zone.FRONT, 0.0),
                PER_CENT * shows.getOrDefault(Zone.MIDDLE, 0.0),
                PER_CENT * shows.getOrDefault(Zone.BACK, 0.0),
                PER_CENT * shows.getOrDefault(Zone.NAPE, 0.0),
                cover.gaps().size(),
                plan.time().inChair().likely(),
                bricks.median(),
                bricks.level(),
                bricks.offs().size(),
                plan.braiding().looseEnds().size(),
                plan.braiding().greatestBulk());
    }
}
