package gyrotaxis.server.planning;

import gyrotaxis.core.balance.BalanceGoal;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A brief, and what it is to be balanced for. */
record BalanceBody(
        @Nullable BriefBody brief,
        @Nullable Kind kind,
        @Nullable @Schema(nullable = true) Double exposedPercent,
        @Nullable @Schema(nullable = true) Integer packs,
        @Nullable @Schema(nullable = true) Integer packLoops,
        @Nullable @Schema(nullable = true) Zone zone,
        @Nullable @Schema(nullable = true) Integer part,
        @Nullable @Schema(nullable = true) Boolean fuller) {
    private static final double ALL_PERCENT = 100;
    private static final Interval EXPOSED = new Interval(
            BalanceGoal.Fewest.EXPOSED.min() * ALL_PERCENT, BalanceGoal.Fewest.EXPOSED.max() * ALL_PERCENT);
    private static final Interval PACKS = new Interval(1, 60);
    private static final Interval PARTS = new Interval(0, 8);

    /** What may be asked. */
    enum Kind {
        FEWEST,
        PACKS,
        ZONE,
        PART
    }

    /** The goal, or all that is wrong with it. */
    BalanceGoal goal(HairLine hair) {
        Fields f = new Fields();
        Kind asked = f.present("kind", "What it is balanced for", kind, Kind.FEWEST);
        return switch (asked) {
            case FEWEST -> {
                double percent = exposedPercent == null
                        ? BalanceGoal.Fewest.USUAL * ALL_PERCENT
                        : f.number("exposedPercent", "What may show", exposedPercent, EXPOSED);
                yield f.orRefuse(() -> new BalanceGoal.Fewest(percent / ALL_PERCENT));
            }
            case PACKS -> {
                if (packs != null && packs == 0) {
                    f.problem("packs", "With no packs in hand nothing can be hooked. Say how many there are.");
                }
                int n = packs != null && packs == 0 ? 1 : f.whole("packs", "Packs in hand", packs, PACKS);
                int loops = packLoops(f, hair);
                yield f.orRefuse(() -> new BalanceGoal.BestFor(n * loops));
            }
            case ZONE -> {
                Zone z = f.present("zone", "The zone", zone, Zone.FRONT);
                yield f.orRefuse(() -> new BalanceGoal.OneZone(z, Boolean.TRUE.equals(fuller)));
            }
            case PART -> {
                int p = f.whole("part", "The part", part, PARTS);
                yield f.orRefuse(() -> new BalanceGoal.OnePart(p, Boolean.TRUE.equals(fuller)));
            }
        };
    }

    /** Loops in one of the packs that are in hand: of the size that is said, or the usual one. */
    private int packLoops(Fields f, HairLine hair) {
        List<Integer> sizes =
                hair.packSizes().stream().map(PackSize::loops).distinct().toList();
        if (packLoops == null || sizes.contains(packLoops)) {
            return packLoops == null ? hair.loopsPerPack() : packLoops;
        }
        f.problem(
                "packLoops",
                hair.name() + " comes in packs of "
                        + sizes.stream().map(String::valueOf).collect(Collectors.joining(" and of ")) + ".");
        return hair.loopsPerPack();
    }
}
