package gyrotaxis.server.words;

import gyrotaxis.core.care.Habit;
import gyrotaxis.core.chair.Verdict;
import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.estimate.Finish;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.foundation.Back.FrontTails;
import gyrotaxis.core.foundation.Family;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Fibre;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.School;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.ownhair.StrandThickness;
import gyrotaxis.core.plan.Consultation.Fall;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.quantity.Pronoun;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.scalp.HairlineShape.Nape;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.stock.StockItem.Grade;
import gyrotaxis.core.terms.Material;
import gyrotaxis.core.wear.Way;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.language.MethodBody;
import gyrotaxis.server.language.PartBody;
import gyrotaxis.server.shared.Piece;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The words, order, limits and defaults of every choice there is, told once, so that the page keeps no table of its own.
 */
record WordsView(
        int planFormat,
        Limits limits,
        List<MeasureWords> measures,
        List<Choice<Nape>> napes,
        List<RegionWords> regionKinds,
        List<Choice<HairDensity>> densities,
        List<Choice<StrandThickness>> strands,
        List<Choice<ScalpCondition>> conditions,
        List<Choice<Way>> ways,
        List<Choice<Fall>> falls,
        List<Choice<Habit>> habits,
        List<Choice<Finish>> finishes,
        List<Choice<Pronoun>> pronouns,
        List<Choice<Installer>> installers,
        List<PartOffer> parts,
        List<Choice<PartEnd>> partEnds,
        List<FlankWords> flanks,
        List<FamilyWords> families,
        List<Choice<FrontTails>> frontTails,
        List<Double> overlaysMm,
        List<Choice<Where>> rimPlaces,
        List<Choice<Stretch>> stretches,
        List<Choice<TailEnd>> tailsSecured,
        List<TextureWords> textures,
        List<Choice<Slip>> slips,
        List<Choice<HairMix.How>> mixes,
        List<Choice<Zone>> zones,
        List<Choice<Integer>> shares,
        List<Choice<Knot>> knots,
        List<Knot> knotsWithPasses,
        List<HoldWords> holds,
        List<MaterialWords> materials,
        List<Integer> legPercents,
        List<StageWords> stages,
        List<Choice<Occasion>> occasions,
        List<Choice<Grade>> grades,
        List<Choice<Verdict>> verdicts,
        List<KnownWords> known,
        List<Question> questions) {
    private static final double ALL_PERCENT = 100;
    private static final List<TailEnd> SECURED =
            List.of(TailEnd.STITCHED, TailEnd.PINNED, TailEnd.BANDED, TailEnd.PONYTAIL);

    /** One thing that can be chosen. */
    record Choice<T>(T value, String words) {}

    /** What can be done for a knot, and for which. */
    record HoldWords(ExtraHold value, String words, List<Knot> knots) {
        static HoldWords of(ExtraHold hold) {
            return new HoldWords(
                    hold,
                    hold.words(),
                    Arrays.stream(Knot.values()).filter(hold::fits).toList());
        }
    }

    /** Something that visits can teach, how it is measured, and whose it is. */
    record KnownWords(Known value, String words, Known.Scale scale, Known.Of of) {}

    /** A tape measure: the field it goes into, what it is called, and where the tape runs. */
    record MeasureWords(String field, String words, String where, boolean isRequired, Limits.Range limitsMm) {}

    /** A kind of region, and what one is called at first. */
    record RegionWords(RegionKind value, String words, String name) {}

    /** A part that is often asked for, to start from. */
    record PartOffer(String words, PartBody part) {}

    /** How the rows beside a part are braided, and why. */
    record FlankWords(FlankSchool value, String words, String reason, double readsAsSkinMm) {}

    /** A family, and which figures it has. */
    record FamilyWords(
            Family value, String words, String goodFor, boolean hasFront, boolean hasRowsBehind, boolean hasLevels) {}

    /** A texture, with what its fibre usually is. */
    record TextureWords(Texture value, String words, double curlMm, Slip slip, boolean goesInWhole) {}

    /** What is used besides loops, and what a price of it is for. */
    record MaterialWords(Material value, String words, String unit) {}

    /** A stage of the work, and what she is at meanwhile. */
    record StageWords(Stage value, String words, String doing) {}

    /** A question on which practitioners differ, with what each side says. */
    record Question(String field, String words, List<Side> sides) {}

    /** One side of it. */
    record Side(String value, String words, List<Piece> reason) {}

    static WordsView all() {
        return new WordsView(
                StoredDocument.Form.PLAN.newest(),
                Limits.all(),
                Arrays.stream(Measure.values())
                        .map(m -> new MeasureWords(
                                HeadBody.field(m), m.words(), m.where(), m.isRequired(), Limits.Range.of(m.limitsMm())))
                        .toList(),
                choices(Nape.values(), Nape::words),
                Arrays.stream(RegionKind.values())
                        .map(k -> new RegionWords(k, k.words(), k.usualName()))
                        .toList(),
                choices(HairDensity.values(), HairDensity::words),
                choices(StrandThickness.values(), StrandThickness::words),
                choices(ScalpCondition.values(), ScalpCondition::words),
                choices(Way.values(), Way::words),
                choices(Fall.values(), Fall::words),
                choices(Habit.values(), Habit::words),
                choices(Finish.values(), Finish::words),
                Stream.of(Pronoun.SHE, Pronoun.HE, Pronoun.THEY)
                        .map(p -> new Choice<>(p, p.words()))
                        .toList(),
                choices(Installer.values(), Installer::words),
                List.of(
                        new PartOffer("left", PartBody.of(WearingPart.straight(-WearingPart.SIDE_MM))),
                        new PartOffer("middle", PartBody.of(WearingPart.straight(0))),
                        new PartOffer("right", PartBody.of(WearingPart.straight(WearingPart.SIDE_MM)))),
                choices(PartEnd.values(), PartEnd::words),
                Arrays.stream(FlankSchool.values())
                        .map(s -> new FlankWords(s, s.words(), s.reason(), s.readsAsSkinMm()))
                        .toList(),
                Arrays.stream(Family.values())
                        .map(f -> new FamilyWords(
                                f, f.words(), f.goodFor(), f.hasFront(), f.hasRowsBehind(), f.hasLevels()))
                        .toList(),
                choices(FrontTails.values(), FrontTails::words),
                FoundationBrief.USUAL_OVERLAYS_MM,
                choices(Where.values(), Where::words),
                choices(Stretch.values(), Stretch::words),
                SECURED.stream().map(e -> new Choice<>(e, e.todo())).toList(),
                Arrays.stream(Texture.values())
                        .map(t -> new TextureWords(
                                t,
                                t.words(),
                                Fibre.usual(t).curlMm(),
                                Fibre.usual(t).slip(),
                                t.goesInWhole()))
                        .toList(),
                choices(Slip.values(), Slip::words),
                choices(HairMix.How.values(), HairMix.How::words),
                choices(Zone.values(), Zone::words),
                IntStream.rangeClosed(1, Share.MAX_PARTS)
                        .mapToObj(n -> new Choice<>(n, new Share(n).words()))
                        .toList(),
                choices(Knot.values(), Knot::words),
                Arrays.stream(Knot.values()).filter(Knot::hasPasses).toList(),
                Arrays.stream(ExtraHold.values()).map(HoldWords::of).toList(),
                Arrays.stream(Material.values())
                        .map(m -> new MaterialWords(m, m.words(), m.unit()))
                        .toList(),
                Tie.LEGS_OFFERED.stream()
                        .map(part -> (int) Math.round(part * ALL_PERCENT))
                        .toList(),
                Arrays.stream(Stage.values())
                        .map(s -> new StageWords(s, s.words(), s.doing()))
                        .toList(),
                choices(Occasion.values(), Occasion::words),
                Arrays.stream(Grade.values())
                        .filter(g -> g != Grade.NEW)
                        .map(g -> new Choice<>(g, g.words()))
                        .toList(),
                choices(Verdict.values(), Verdict::words),
                Arrays.stream(Known.values())
                        .map(k -> new KnownWords(k, k.words(), k.scale(), k.of()))
                        .toList(),
                List.of(
                        question("Spacing, front to nape", Method.Spacing.class),
                        question("In the back", Method.BackSpacing.class),
                        question("Where it is hidden", Method.HiddenKnot.class),
                        question("Beside a part", Method.PartKnot.class),
                        question("At the hairline", Method.HairlineKnot.class),
                        question("At a perimeter that goes up", Method.UpdoKnot.class),
                        question("A row starts with", Method.RowStart.class),
                        question("Under a single", Method.UnderSingle.class),
                        question("The hook goes by", Method.BearingFirst.class),
                        question("Order of work", Method.Order.class),
                        question("Tails that no row takes", Method.LooseTails.class)));
    }

    private static <T> List<Choice<T>> choices(T[] values, Function<T, String> words) {
        return Arrays.stream(values).map(v -> new Choice<>(v, words.apply(v))).toList();
    }

    private static <S extends Enum<S> & School> Question question(String words, Class<S> sides) {
        return new Question(
                MethodBody.field(sides),
                words,
                Arrays.stream(sides.getEnumConstants())
                        .map(s -> new Side(s.name(), s.words(), Piece.of(s.reason())))
                        .toList());
    }
}
