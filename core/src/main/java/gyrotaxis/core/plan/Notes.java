package gyrotaxis.core.plan;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.care.Afterwards;
import gyrotaxis.core.care.Caution;
import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.foundation.Along;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Bulk;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.Note.Moment;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Pronoun;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Says what goes with a plan besides braiding and hooking: preparing, finishing, wearing and taking down. */
public final class Notes {
    private static final double TENTHS = 10;
    private static final Set<Texture> WAVES = EnumSet.of(Texture.DEEP_WAVE, Texture.LOOSE_WAVE, Texture.SILKY_WAVE);

    /** A head so full may be thinned from the middle. ASSUMPTION: what is sold as very full. */
    private static final double VERY_FULL = 1.2;

    /** Volume that has gone down or up by so much in two weeks is spoken of. ASSUMPTION. */
    private static final double CHANGES = 0.1;

    private final InstallPlan plan;
    private final Pronoun pronoun;
    private final List<Note> notes = new ArrayList<>();

    private Notes(InstallPlan plan, Pronoun pronoun) {
        this.plan = plan;
        this.pronoun = pronoun;
    }

    /** What goes with a plan, moment by moment. */
    public static List<Note> of(InstallPlan plan) {
        return of(plan, plan.brief().pronoun());
    }

    /** The same, said otherwise of the client, as to herself. */
    public static List<Note> of(InstallPlan plan, Pronoun pronoun) {
        Notes n = new Notes(plan, pronoun);
        n.ownHair();
        n.hair();
        n.chair();
        n.finishing();
        n.home();
        n.takedown();
        return List.copyOf(n.notes);
    }

    /** Every tail that is to be found before anything is cut, but for those of singles, in the order in which they are marked. */
    public static List<String> tails(InstallPlan plan) {
        return new Notes(plan, plan.brief().pronoun()).tails();
    }

    private void ownHair() {
        add(
                Moment.BEFORE,
                "Her own hair: washed, conditioned, detangled, ends trimmed, dried stretched; then oil the scalp.");
    }

    private void hair() {
        HairMix mix = plan.brief().hooking().mix();
        List<HairLine> lines =
                plan.hooked().hairs().stream().map(Hooked.Strand::line).toList();
        boolean reacts = plan.brief().ownHair().has(ScalpCondition.REACTS_TO_COATING)
                || plan.brief().ownHair().has(ScalpCondition.ITCHES);
        addIf(
                reacts && lines.stream().anyMatch(HairLine::isCoated),
                Moment.BEFORE,
                "Rinse the coated hair and let it dry fully: her scalp reacts or has itched. It frizzes a little more.");
        add(Moment.BEFORE, "Cut the ties under the band and separate the loops.");
        bulk();
        add(Moment.BEFORE, "Sort them, since packs are uneven: the thin ones go to the front.");
        addIf(plan.hooked().tallies().stream().anyMatch(t -> t.splitShares() > 0), Moment.BEFORE, Note.SPLITTING);
        addIf(
                !mix.others().isEmpty(),
                Moment.BEFORE,
                "Hang what is mixed in beside the main hair: "
                        + mix.others().stream()
                                .map(o -> o.line().name() + ", " + o.colour())
                                .collect(Collectors.joining("; "))
                        + ".");
        int alike = mix.mayClump() ? 0 : alike();
        addIf(
                alike > 0,
                Moment.BEFORE,
                "So much is mixed in that " + alike + (alike == 1 ? " pair" : " pairs")
                        + " of a kind sit side by side.");
        addIf(
                lines.stream().anyMatch(l -> l.goesInWhole()),
                Moment.BEFORE,
                "Split none of what comes ready twisted: it comes undone, and goes in whole.");
        addIf(
                lines.stream().anyMatch(l -> WAVES.contains(l.texture())),
                Moment.BEFORE,
                "Smooth wave that tangles with setting lotion.");
    }

    private void bulk() {
        Bulk bulk = plan.brief().hooking().bulk();
        HairLine main = plan.hooked().hairs().get(0).line();
        addIf(
                !main.fibre().isLooped(),
                Moment.BEFORE,
                "Pull the loose fibre into tufts of about " + Math.round(main.gramsPerLoop() * TENTHS) / TENTHS
                        + " g and fold each over a finger.");
        addIf(
                !bulk.cut().isEmpty(),
                Moment.BEFORE,
                "Cut in half"
                        + (bulk.cutsAll()
                                ? ""
                                : " for the "
                                        + bulk.cut().stream().map(Zone::words).collect(Collectors.joining(" and the "))
                                        + " only")
                        + ": each tuft gives two pieces.");
        addIf(
                plan.brief().hooking().mix().how() == HairMix.How.BLENDED
                        && plan.hooked().hairs().size() > 1,
                Moment.BEFORE,
                "Blend before hooking: each share is half of one and half of the other, together on one hook.");
    }

    /** Neighbours on a row that took the same of what is mixed in. */
    private int alike() {
        int alike = 0;
        for (int i = 1; i < plan.stations().size(); i++) {
            Station a = plan.stations().get(i - 1);
            Station b = plan.stations().get(i);
            alike += b.strand() > 0 && a.strand() == b.strand() && a.id().row().equals(b.id().row()) ? 1 : 0;
        }
        return alike;
    }

    private void chair() {
        addIf(
                plan.stations().stream().anyMatch(s -> s.role() == Role.PART),
                Moment.CHAIR,
                "Parts look puffy while they are worked: pin the hair down as you go, and it settles.");
        add(
                Moment.CHAIR,
                "Draw down firmly, but never so hard that the row lifts. A knot that moves under a firm pull will work out.");
        addIf(
                plan.hooked().hairs().stream().anyMatch(h -> h.line().fibre().slip() == Slip.SLIDING),
                Moment.CHAIR,
                "Sliding hair: the first twist and the turn round the finger are no passes; twist a loop in the middle to slim it.");
        addIf(
                plan.brief().hooking().method().shares().rowStart() == Method.RowStart.FULL,
                Moment.CHAIR,
                "At the front of each row both halves are drawn back under it, so that their knots sit behind the edge.");
        addIf(
                plan.brief().installer() == Installer.SELF,
                Moment.CHAIR,
                "On yourself: check the back with a second mirror before you go on.");
        addIf(
                !plan.brief().hooking().mix().others().isEmpty(),
                Moment.CHAIR,
                "Take from each hook in turn as the stations say, and never two alike side by side unless asked.");
    }

    private void finishing() {
        // Fullness grows as curls are separated, so that what shows is judged, and filled, only afterwards.
        add(Moment.TRYING, separate());
        add(Moment.TRYING, "Try every part and way she wears it; where something shows, put a fill.");
        add(Moment.FINISHING, "Frizz the wisps with a small brush.");
        add(Moment.FINISHING, "Trim by small downward snips, layers round the face, never straight across.");
        addIf(
                plan.brief().fullness() > VERY_FULL,
                Moment.FINISHING,
                "If it stands too full, cut single shares out from the middle; a razor takes volume out softly.");
        addIf(plan.brief().consultation().hasFringe(), Moment.FINISHING, Caution.FRINGE.words());
        add(Moment.FINISHING, heat());
        add(
                Moment.FINISHING,
                plan.foundation().parts().isEmpty()
                        ? "Mousse to set; edges last."
                        : "Mousse to set; a little root colour where her hair and this differ on the part; edges last.");
    }

    /** Only what can be separated is. */
    private String separate() {
        return plan.hooked().hairs().stream().allMatch(h -> h.line().goesInWhole())
                ? "Nothing is separated: each piece stays as it is. Roll and shake for volume."
                : "Separate the curls with the fingers at once, before they tangle; roll or fluff for volume.";
    }

    private String heat() {
        int takes = plan.hooked().hairs().stream()
                .mapToInt(h -> h.line().fibre().heatC().orElse(0))
                .min()
                .orElse(0);
        String tool = takes > 0
                ? "By its label it takes up to " + takes + " °C: test a strand first, away from her."
                : "No hot tools: by its label it takes no heat.";
        return tool
                + " Hot water burns: rods only on the lower two thirds, lifted off the skin, a towel under them, never near the scalp.";
    }

    private void home() {
        add(Moment.HOME, "At night a bonnet or satin scarf; every week oil along the rows.");
        add(Moment.HOME, "It may be washed, and must then dry fully: what stays damp can mildew.");
        after();
        addIf(
                plan.brief().consultation().habits().contains(Habit.SWIMMING)
                        || plan.brief().consultation().habits().contains(Habit.SPORT),
                Moment.HOME,
                "After water or sweat: rinse, press out, and dry down to the rows.");
        int weeks = plan.brief().consultation().weeks();
        add(
                Moment.HOME,
                "Take it down after " + weeks + (weeks == 1 ? " week" : " weeks")
                        + (weeks > Cautions.MAX_WEEKS
                                ? "; past " + Cautions.MAX_WEEKS + " the roots tend to mat."
                                : ".")
                        + " Pain, bumps or white dots at the hairline: loosen it or take it out sooner.");
    }

    /** When what is due, by texture, life and growth. */
    private void after() {
        Afterwards after = plan.brief().afterwards();
        double late = plan.brief().hairAsKnown().loft().at(Loft.LAST_DAY);
        String loft = late < 1 - CHANGES
                ? "It loses volume within days: that is the hair, not the hooking."
                : late > 1 + CHANGES ? "It grows and frizzes." : "It stays much as it is.";
        add(
                Moment.HOME,
                loft + " Day " + after.slipCheckDay() + ": look for knots that slid and refill them. Day "
                        + after.frizzTrimDay() + ": the first trim of stray frizz.");
        add(
                Moment.HOME,
                "Her own hair grows: by week 2 edge and parts have moved by about " + mm(Afterwards.grownMm(2))
                        + ", by week 4 by " + mm(Afterwards.grownMm(4)) + ", by week 6 by "
                        + mm(Afterwards.grownMm(6)) + " (estimates). From week "
                        + after.touchUpWeek() + " on the hairline wants a touch-up, or the takedown.");
    }

    private static String mm(double mm) {
        return Math.round(mm) + " mm";
    }

    private void takedown() {
        add(
                Moment.TAKEDOWN,
                "Find and mark every tail before the first cut; every one of them can be taken for fibre. This is their order.");
        List<RowId> order = plan.braiding().takedown();
        List<String> tails = tails();
        tails.forEach(t -> add(Moment.TAKEDOWN, t));
        long singles = plan.braiding().tails().size() - tails.size();
        addIf(
                singles > 0,
                Moment.TAKEDOWN,
                singles + (singles == 1 ? " single" : " singles")
                        + ": cut the band, if there is one, never the plait, and follow each end into the row that took it.");
        add(
                Moment.TAKEDOWN,
                "Draw each share straight out from the head, cut it close to the row but never the row, and draw the rest out from beneath.");
        add(
                Moment.TAKEDOWN,
                "What may be snipped: loops, thread, bands"
                        + (carriesBack() ? ", legs that are carried back (in the middle)" : "")
                        + ". What never: rows, tails, her own hair. Where it is not plain which is which, open it with the fingers.");
        Estimate minutes = plan.takedownMinutes();
        add(
                Moment.TAKEDOWN,
                "About " + Math.round(minutes.likely()) + " minutes (" + Math.round(minutes.low()) + " to "
                        + Math.round(minutes.high()) + "): " + knots() + ".");
        plan.stations().stream()
                .flatMap(s -> s.tie().holds().stream())
                .filter(h -> h != ExtraHold.COMBED_DOWN)
                .distinct()
                .sorted()
                .forEach(h -> add(Moment.TAKEDOWN, "Where a knot has its " + h.shortWords() + ": " + h.undone() + "."));
        add(
                Moment.TAKEDOWN,
                "Undo the rows against the order of braiding: "
                        + order.stream()
                                .filter(r -> r.section() != Section.INDIVIDUAL)
                                .map(RowId::words)
                                .collect(Collectors.joining(", "))
                        + ".");
        worthWashing();
    }

    private List<String> tails() {
        List<RowId> order = plan.braiding().takedown();
        return plan.braiding().tails().stream()
                .filter(t -> t.row().section() != Section.INDIVIDUAL)
                .sorted(Comparator.comparingInt(t -> order.indexOf(t.row())))
                .map(t -> Sentence.of(tail(t)).capital() + sewn(t) + ".")
                .toList();
    }

    /** What holds a tail, so that it is found: thread of another colour than the hair. */
    private static String sewn(Tail t) {
        return switch (t.end()) {
            case THREADED, STITCHED, LOOSE, TOO_SHORT -> "; stitched with thread of another colour";
            case PINNED -> "; take the pin out first";
            case BANDED ->
                t.halves().isEmpty()
                        ? "; cut the band, not the hair"
                        : t.halves().stream()
                                .map(h -> h.under().words())
                                .collect(Collectors.joining(
                                        " and ", "; its halves lie under ", "; cut the band, not the hair"));
            case PONYTAIL -> "; cut the band, not the hair";
            case FED, LAID -> "";
        };
    }

    private boolean carriesBack() {
        return plan.stations().stream().anyMatch(s -> s.tie().holds().contains(ExtraHold.CARRIED_BACK));
    }

    private String knots() {
        long many = plan.stations().stream()
                .filter(s -> s.tie().knot().hasPasses() && s.tie().passes() >= Tie.USEFUL_PASSES)
                .count();
        return plan.stations().size() + " knots"
                + (many > 0
                        ? ", " + many + " of them with " + Tie.USEFUL_PASSES + " passes or more, which take longest"
                        : "");
    }

    /** Whole loops that were not split are worth washing; small shares and hair that frizzes are not. */
    private void worthWashing() {
        for (int k = 0; k < plan.hooked().bought(); k++) {
            int strand = k;
            HairLine line = plan.hooked().hairs().get(k).line();
            long whole = plan.stations().stream()
                    .filter(s -> s.strand() == strand && s.share().parts() == 1)
                    .count();
            boolean frizzes = line.loft().at(Loft.LAST_DAY) > 1 + CHANGES;
            add(
                    Moment.TAKEDOWN,
                    frizzes || whole == 0
                            ? line.name() + ": hardly worth washing; "
                                    + (frizzes ? "it has frizzed by then." : "its shares are small.")
                            : line.name() + ": its " + whole
                                    + " whole loops are worth washing and drying for another time.");
        }
    }

    /** A tail with its place: "front row 3, into level row 2 three quarters along". */
    private String tail(Tail tail) {
        return tail.row().words()
                + tail.into()
                        .flatMap(plan.foundation()::row)
                        .map(into -> ", in " + into.id().words() + " " + Along.words(tail.entryMm() / into.lengthMm()))
                        .orElse("");
    }

    private void add(Moment moment, String words) {
        notes.add(new Note(moment, pronoun.said(words)));
    }

    private void addIf(boolean applies, Moment moment, String words) {
        if (applies) {
            add(moment, words);
        }
    }
}
