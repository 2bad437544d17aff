package gyrotaxis.server.bench;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.server.book.HeadBody;
import gyrotaxis.server.book.OwnHairBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.Shelf;
import gyrotaxis.server.shelf.StockedLine;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** A brief as it is written down and kept. */
public record BriefBody(
        @Nullable HeadBody head,
        @Nullable OwnHairBody ownHair,
        @Nullable FoundationBody foundation,
        @Nullable String hairLineId,
        @Nullable @Schema(nullable = true) Double fullness,
        @Nullable Installer installer) {

    /** How the rows are to be laid. */
    public record FoundationBody(
            @Nullable @Schema(nullable = true) Integer frontRows,
            @Nullable @Schema(nullable = true) Integer backRows,
            @Nullable @Schema(nullable = true) Double earLineBehindMm,
            @Nullable List<PartBody> parts,
            @Nullable FlankSchool flanks) {

        /** Rows without wearing parts. */
        public static FoundationBody plain(int frontRows, int backRows, double earLineBehindMm) {
            return new FoundationBody(frontRows, backRows, earLineBehindMm, List.of(), FlankSchool.FINE_ROWS);
        }
    }

    /** A wearing part; degrees, since stylists and drawings speak in them. */
    public record PartBody(
            @Nullable @Schema(nullable = true) Double startMm,
            @Nullable @Schema(nullable = true) Double slantDeg,
            @Nullable @Schema(nullable = true) Double lengthMm) {

        static PartBody of(WearingPart p) {
            return new PartBody(
                    p.startMm(),
                    Math.toDegrees(p.slantRad()),
                    p.lengthMm().isPresent() ? p.lengthMm().getAsDouble() : null);
        }

        WearingPart check(Fields f, String at) {
            double start = f.lengthMm(at + ".startMm", "Where the part starts", startMm, WearingPart.START_MM);
            double slant = f.number(
                    at + ".slantDeg",
                    "The slant",
                    slantDeg,
                    new Interval(
                            Math.rint(Math.toDegrees(WearingPart.SLANT_RAD.min())),
                            Math.rint(Math.toDegrees(WearingPart.SLANT_RAD.max()))));
            OptionalDouble length = lengthMm == null
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(f.lengthMm(at + ".lengthMm", "The part", lengthMm, WearingPart.LENGTH_MM));
            return new WearingPart(start, WearingPart.SLANT_RAD.clamp(Math.toRadians(slant)), length);
        }
    }

    /** What was written down for a brief of the core. */
    static BriefBody of(InstallBrief brief, String hairLineId) {
        FoundationBrief f = brief.foundation();
        return new BriefBody(
                HeadBody.of(brief.head()),
                OwnHairBody.of(brief.ownHair()),
                new FoundationBody(
                        f.frontRows(),
                        f.backRows(),
                        f.earLineBehindMm(),
                        f.parts().stream().map(PartBody::of).toList(),
                        f.flanks()),
                hairLineId,
                brief.fullness(),
                brief.installer());
    }

    /**
     * The brief, with the hair line and its loops looked up on the shelf.
     *
     * @throws gyrotaxis.server.shared.FieldProblems with all that is wrong
     */
    InstallBrief check(Shelf shelf) {
        Fields f = new Fields();
        HeadMeasures measures = f.present("head", "The head", head, HeadBody.of(HeadMeasures.of(565, 360, 330)))
                .check(f, "head.");
        OwnHair own = ownHair == null ? OwnHair.ordinary() : ownHair.check(f, "ownHair.");
        FoundationBody rows = f.present("foundation", "The foundation", foundation, FoundationBody.plain(14, 5, 0));
        int front = f.whole("foundation.frontRows", "Rows in front", rows.frontRows(), FoundationBrief.FRONT_ROWS);
        int back = f.whole(
                "foundation.backRows",
                "Rows behind",
                rows.backRows(),
                new Interval(FoundationBrief.MIN_BACK_ROWS, front));
        double earLine = f.lengthMm(
                "foundation.earLineBehindMm", "The ear line", rows.earLineBehindMm(), FoundationBrief.EAR_LINE_MM);
        List<WearingPart> parts = parts(f, rows);
        FlankSchool flanks = rows.flanks() == null ? FlankSchool.FINE_ROWS : rows.flanks();
        double full = f.number("fullness", "Fullness", fullness, HookingPlan.FULLNESS);
        Installer who = f.present("installer", "Who installs", installer, Installer.STYLIST);
        Optional<StockedLine> line = line(f, shelf);
        return f.orRefuse(() -> new InstallBrief(
                measures,
                own,
                new FoundationBrief(front, back, earLine, parts, flanks),
                line.orElseThrow().hair(),
                line.orElseThrow().loopsOnShelf(),
                full,
                who));
    }

    private static List<WearingPart> parts(Fields f, FoundationBody rows) {
        List<PartBody> given = rows.parts() == null ? List.of() : rows.parts();
        if (given.size() > FoundationBrief.MOST_PARTS) {
            f.problem("foundation.parts", "At most " + FoundationBrief.MOST_PARTS + " parts leave rows between them.");
            return List.of();
        }
        return IntStream.range(0, given.size())
                .mapToObj(i -> given.get(i).check(f, "foundation.parts[" + i + "]"))
                .toList();
    }

    private Optional<StockedLine> line(Fields f, Shelf shelf) {
        UUID id = f.id("hairLineId", "The hair line", hairLineId);
        if (id == null) {
            return Optional.empty();
        }
        Optional<StockedLine> line = shelf.find(id);
        if (line.isEmpty()) {
            f.problem("hairLineId", "This hair line is no longer on the shelf. Choose another.");
        }
        return line;
    }
}
