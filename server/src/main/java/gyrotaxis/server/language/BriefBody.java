package gyrotaxis.server.language;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Tint;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.terms.Terms;
import gyrotaxis.server.language.HookingBody.MixBody;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Currency;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
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
        @Nullable @Schema(nullable = true) HookingBody hooking,
        @Nullable @Schema(nullable = true) LearnedBody learned) {

    /** A brief of which nothing was learned yet. */
    public BriefBody(
            @Nullable HeadBody head,
            @Nullable OwnHairBody ownHair,
            @Nullable ConsultationBody consultation,
            @Nullable FoundationBody foundation,
            @Nullable String hairLineId,
            @Nullable Double fullness,
            @Nullable Installer installer,
            @Nullable HookingBody hooking) {
        this(head, ownHair, consultation, foundation, hairLineId, fullness, installer, hooking, null);
    }

    /** The same with what is known by now. */
    public BriefBody knowing(@Nullable LearnedBody other) {
        return new BriefBody(head, ownHair, consultation, foundation, hairLineId, fullness, installer, hooking, other);
    }

    /** The field of what is wished for a zone. */
    public String fieldOf(Zone zone) {
        return hooking == null ? "hooking.zones" : hooking.fieldOf(zone);
    }

    /** The same with other rows. */
    public BriefBody withFoundation(FoundationBody other) {
        return new BriefBody(head, ownHair, consultation, other, hairLineId, fullness, installer, hooking, learned);
    }

    /** The same of a head without anybody: no age, and no words that were written about its places. */
    public BriefBody ofNobody() {
        return new BriefBody(
                head == null ? null : head.ofNobody(),
                ownHair,
                consultation == null ? null : consultation.ofNobody(),
                foundation,
                hairLineId,
                fullness,
                installer,
                hooking,
                learned);
    }

    /** The same with whatever it does not say as usual, so that whoever reads it need not know what that is. */
    public BriefBody completed() {
        return new BriefBody(
                head == null ? null : head.completed(),
                Fields.or(ownHair, OwnHairBody.of(OwnHair.ordinary())),
                Fields.or(consultation, ConsultationBody.of(Consultation.plain())),
                foundation == null ? null : foundation.completed(),
                hairLineId,
                fullness,
                installer,
                Fields.or(hooking, HookingBody.usual()).completed(),
                learned);
    }

    /** The lines of hair that it names, as far as they can be read. */
    public Set<UUID> hairNamed() {
        Set<UUID> named = new HashSet<>();
        mainHair().ifPresent(named::add);
        if (hooking != null && hooking.mix() != null && hooking.mix().others() != null) {
            hooking.mix().others().forEach(o -> id(o.hairLineId()).ifPresent(named::add));
        }
        return named;
    }

    /** The line of the main hair; empty if none is named that could be one. */
    public Optional<UUID> mainHair() {
        return id(hairLineId);
    }

    /** The lines of its hairs in their order, the main one first; what cannot be read is not among them. */
    public List<UUID> hairs() {
        Stream<UUID> others =
                hooking == null || hooking.mix() == null ? Stream.empty() : hooking.mix().lineIds().stream();
        return Stream.concat(mainHair().stream(), others).toList();
    }

    /** What its hairs are called where lines are told by their names, the main one first. */
    public List<String> hairNames() {
        Stream<String> others = hooking == null ? Stream.empty() : hooking.hairsNamed().stream();
        return Stream.concat(Stream.ofNullable(hairLineId), others).toList();
    }

    /** The same with other lines of hair in the places of its own. */
    public BriefBody withLines(UnaryOperator<String> find) {
        return new BriefBody(
                head,
                ownHair,
                consultation,
                foundation,
                hairLineId == null ? null : find.apply(hairLineId),
                fullness,
                installer,
                hooking == null ? null : hooking.withLines(find),
                learned);
    }

    /** The same with its mix spread otherwise. */
    public BriefBody mixed(HairMix.How how) {
        MixBody mix = hooking == null ? null : hooking.mix();
        return mix == null ? this : mixing(new MixBody(how, mix.others(), mix.seed(), mix.mayClump()));
    }

    /** The same with its main hair alone. */
    public BriefBody unmixed() {
        return mixing(null);
    }

    private BriefBody mixing(@Nullable MixBody mix) {
        HookingBody other = hooking == null ? null : hooking.mixing(mix);
        return new BriefBody(head, ownHair, consultation, foundation, hairLineId, fullness, installer, other, learned);
    }

    private static Optional<UUID> id(@Nullable String text) {
        // What is no id names no hair: that is told where the brief is used.
        return Optional.ofNullable(new Fields().id("hairLineId", "The hair", text));
    }

    /** What is written down for a brief of the core that came of this one. */
    public BriefBody changedTo(InstallBrief brief) {
        return new BriefBody(
                HeadBody.of(brief.head()),
                OwnHairBody.of(brief.ownHair()),
                ConsultationBody.of(brief.consultation()),
                FoundationBody.of(brief.foundation(), foundation),
                hairLineId,
                brief.fullness(),
                brief.installer(),
                HookingBody.of(brief.hooking(), hooking == null ? null : hooking.mix()),
                LearnedBody.of(brief.learned()));
    }

    /**
     * The brief, with the hair and its loops looked up on the shelf.
     *
     * @throws gyrotaxis.server.shared.FieldProblems with all that is wrong
     */
    public InstallBrief check(HairInHand shelf) {
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
        Optional<? extends HairInHand.Stocked> line = line(f, shelf);
        Currency ofHair = line.map(l -> l.hair().packPrice().currency())
                .orElse(Terms.USUAL.hour().currency());
        HookingBrief hooked = hooking == null ? HookingBrief.usual() : hooking.check(f, shelf, ofHair);
        Learned known = learned == null ? Learned.NOTHING : learned.check(f);
        line.ifPresent(l -> colour(f, l.hair(), hooked));
        return f.orRefuse(() -> new InstallBrief(
                measured,
                own,
                asked,
                rows,
                line.orElseThrow().hair(),
                line.orElseThrow()
                        .loopsOnShelf(hooked.colourOf(line.orElseThrow().hair())),
                full,
                who,
                hooked,
                known));
    }

    /** A colour that the line does not come in is refused with the one that looks most like it. */
    private static void colour(Fields f, HairLine line, HookingBrief hooked) {
        hooked.colour().filter(c -> !line.colours().contains(c)).ifPresent(c -> {
            String nearest = Tint.nearest(c, line.colours())
                    .map(n -> " Nearest to " + c + ": " + n + ".")
                    .orElse("");
            f.problem("hooking.colour", line.name() + " comes in " + String.join(", ", line.colours()) + "." + nearest);
        });
    }

    private Optional<? extends HairInHand.Stocked> line(Fields f, HairInHand shelf) {
        UUID id = f.id("hairLineId", "The hair", hairLineId);
        if (id == null) {
            return Optional.empty();
        }
        Optional<? extends HairInHand.Stocked> line = shelf.find(id);
        if (line.isEmpty()) {
            f.problem("hairLineId", "This hair is no longer on the shelf. Choose another.");
        }
        return line;
    }
}
