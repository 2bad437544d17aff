package gyrotaxis.server.bench;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.server.book.HeadBody;
import gyrotaxis.server.book.OwnHairBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shelf.Shelf;
import gyrotaxis.server.shelf.StockedLine;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A brief as it is written down and kept. */
public record BriefBody(
        @Nullable HeadBody head,
        @Nullable OwnHairBody ownHair,
        @Nullable @Schema(nullable = true) ConsultationBody consultation,
        @Nullable FoundationBody foundation,
        @Nullable String hairLineId,
        @Nullable @Schema(nullable = true) Double fullness,
        @Nullable Installer installer,
        @Nullable @Schema(nullable = true) HookingBody hooking) {

    /** What is written down for a brief of the core that came of this one. */
    BriefBody changedTo(InstallBrief brief) {
        return new BriefBody(
                HeadBody.of(brief.head()),
                OwnHairBody.of(brief.ownHair()),
                ConsultationBody.of(brief.consultation()),
                FoundationBody.of(brief.foundation(), foundation),
                hairLineId,
                brief.fullness(),
                brief.installer(),
                HookingBody.of(brief.hooking(), hooking == null ? null : hooking.mix()));
    }

    /**
     * The brief, with the hair line and its loops looked up on the shelf.
     *
     * @throws gyrotaxis.server.shared.FieldProblems with all that is wrong
     */
    InstallBrief check(Shelf shelf) {
        Fields f = new Fields();
        HeadRecord measured = f.present(
                        "head", "The head", head, HeadBody.of(HeadRecord.of(HeadMeasures.of(565, 360, 330))))
                .check(f, "head.");
        OwnHair own = ownHair == null ? OwnHair.ordinary() : ownHair.check(f, "ownHair.");
        Consultation asked = consultation == null ? Consultation.plain() : consultation.check(f, "consultation.");
        FoundationBrief rows = f.present("foundation", "The foundation", foundation, FoundationBody.plain(14, 5, 0))
                .check(f, "foundation.");
        double full = f.number("fullness", "Fullness", fullness, HookingPlan.FULLNESS);
        Installer who = f.present("installer", "Who installs", installer, Installer.STYLIST);
        HookingBrief hooked = hooking == null ? HookingBrief.usual() : hooking.check(f, shelf);
        Optional<StockedLine> line = line(f, shelf);
        return f.orRefuse(() -> new InstallBrief(
                measured,
                own,
                asked,
                rows,
                line.orElseThrow().hair(),
                line.orElseThrow().loopsOnShelf(),
                full,
                who,
                hooked));
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
