package gyrotaxis.server.planning;

import gyrotaxis.core.balance.Balance;
import gyrotaxis.core.install.Zone;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.Change;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** One line of what a balancing tells while it works: how far it is, and at last what it came to, or what is wrong. */
record BalanceLine(
        double done,
        @Nullable @Schema(nullable = true) Result result,
        @Nullable @Schema(nullable = true) String problem) {

    /** What it came to. */
    record Result(
            @Schema(implementation = Object.class) JsonNode change,
            boolean isMet,
            boolean isBetter,
            String words,
            List<ZoneChange> zones,
            int loopsBefore,
            int loopsAfter,
            double exposedPercentBefore,
            double exposedPercentAfter,
            int tried) {}

    /** What became of a zone. */
    record ZoneChange(
            Zone zone,
            String words,
            double spacingBefore,
            double spacingAfter,
            String shareBefore,
            String shareAfter,
            double exposedPercentBefore,
            double exposedPercentAfter) {}

    private static final double ALL_PERCENT = 100;

    static BalanceLine at(double fraction) {
        return new BalanceLine(Flat.hundredth(fraction), null, null);
    }

    static BalanceLine refused(String problem) {
        return new BalanceLine(1, null, problem);
    }

    static BalanceLine of(Balance b, BriefBody asked, Change.Writer changes) {
        return new BalanceLine(
                1,
                new Result(
                        changes.to(asked.changedTo(b.brief())),
                        b.isMet(),
                        b.isBetter(),
                        b.words(),
                        b.changes().stream()
                                .map(c -> new ZoneChange(
                                        c.zone(),
                                        c.zone().words(),
                                        Flat.tenth(c.spacingBefore()),
                                        Flat.tenth(c.spacingAfter()),
                                        c.shareBefore().words(),
                                        c.shareAfter().words(),
                                        Flat.tenth(c.exposedBefore() * ALL_PERCENT),
                                        Flat.tenth(c.exposedAfter() * ALL_PERCENT)))
                                .toList(),
                        b.loopsBefore(),
                        b.loopsAfter(),
                        Flat.tenth(b.exposedBefore() * ALL_PERCENT),
                        Flat.tenth(b.exposedAfter() * ALL_PERCENT),
                        b.tried()),
                null);
    }
}
