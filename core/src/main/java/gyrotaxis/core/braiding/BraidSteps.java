package gyrotaxis.core.braiding;

import gyrotaxis.core.braiding.BraidStep.Kind;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Says the braiding of a foundation as numbered steps: parting, every row in its turn, then tails and mesh. */
public final class BraidSteps {
    private final Foundation foundation;
    private final Braiding braiding;
    private final FoundationBrief brief;
    private final List<BraidStep> steps = new ArrayList<>();

    BraidSteps(Foundation foundation, Braiding braiding, FoundationBrief brief) {
        this.foundation = foundation;
        this.braiding = braiding;
        this.brief = brief;
    }

    /** The steps, in order. */
    public static List<BraidStep> of(Foundation foundation, Braiding braiding, FoundationBrief brief) {
        BraidSteps s = new BraidSteps(foundation, braiding, brief);
        s.parting();
        braiding.order().forEach(s::row);
        s.threading();
        s.securing();
        s.mesh();
        return List.copyOf(s.steps);
    }

    private void parting() {
        RimBrief rim = brief.rim();
        if (rim.leaveOut() != Where.NOWHERE) {
            add(Kind.PART, "Leave out " + rim.leaveOut().words() + " and flat-twist it out of the way.");
        }
        if (rim.sparesEdges()) {
            add(Kind.PART, "Leave the edges out of every row.");
        }
        if (!brief.parts().isEmpty()) {
            add(
                    Kind.PART,
                    brief.parts().size() == 1
                            ? "Part the wearing part first, clean, with gel on the line; the rows are placed from it."
                            : "Part the " + brief.parts().size()
                                    + " wearing parts first, clean, with gel on the lines; the rows are placed from them.");
        }
        if (!(brief.back() instanceof Back.Spiral)) {
            String where = brief.earLineBehindMm() >= 0 ? "behind" : "in front of";
            add(
                    Kind.PART,
                    "Part from ear to ear, " + where
                            + " the ears, and clip the front away. This part is covered; rough is fine.");
        }
        if (foundation.rows().stream().anyMatch(r -> r.use() == RowUse.SHOWN)) {
            add(Kind.PART, "Part off the side that is shown, and keep its parts clean.");
        }
    }

    private void row(RowId id) {
        Row row = foundation.row(id).orElseThrow();
        String end = row.joins()
                .map(j -> runsOn(id, j))
                .orElseGet(() -> braiding.tailOf(id).map(this::tailWords).orElse(""));
        String words = capital(id.words()) + ": " + how(row) + end + ".";
        steps.add(new BraidStep(steps.size() + 1, Kind.BRAID, List.of(id), words, row.lengthMm()));
    }

    /** How a row is braided: from where to where, and whether fibre is fed in. */
    String how(Row row) {
        return from(row) + (brief.feedsFibre() && row.use() != RowUse.PLAITED ? ", feeding a little fibre in" : "");
    }

    private static String runsOn(RowId id, RowId into) {
        return id.section() == into.section() ? "; braid it into " + into.words() : "; it runs on into " + into.words();
    }

    private String from(Row row) {
        double x = row.path().end().x() - row.path().start().x();
        String side = x > 0 ? "from her left to her right" : "from her right to her left";
        return switch (row.id().section()) {
            case INDIVIDUAL ->
                (brief.rim().individuals().isBanded() ? "band the base; " : "")
                        + (brief.rim().individuals().isTwisted()
                                ? "two-strand twist it"
                                : "plait it small at the base");
            case PERIMETER -> "along the hairline, a little inside it, toward the nape";
            case FRONT ->
                row.id().piece() > 1
                        ? "begin anew behind the region"
                        : row.path().start().y() < row.path().end().y()
                                ? "toward the hairline"
                                : "from the hairline straight back";
            case OVERLAY -> "from ear to ear, over the ends laid down";
            case MIDDLE -> "from the overlay back";
            case COLLECTOR -> "from the midline down to the ear, taking the front ends in one after the other";
            case CROSSED -> x > 0 ? "over to her right" : "over to her left";
            case UPRIGHT -> "down the side to the nape";
            case TIE, LEVEL -> "level, " + side;
            case BACK -> "down to the nape";
            case SPIRAL -> "from the nape round and round to the crown";
            case CAP, PATCH -> throw new IllegalArgumentException(row.id() + " is not braided");
        };
    }

    private String tailWords(Tail t) {
        return switch (t.end()) {
            case FED -> "; keep its end out to feed into " + name(t.into());
            case LAID -> "; plait its end a short way and lay it down for " + name(t.into());
            default -> "";
        };
    }

    private static String name(Optional<RowId> id) {
        return id.map(RowId::words).orElse("");
    }

    private void threading() {
        for (Tail t : braiding.tails()) {
            if (t.end() == TailEnd.THREADED) {
                steps.add(new BraidStep(
                        steps.size() + 1,
                        Kind.THREAD,
                        List.of(t.row()),
                        "Thread the end of " + t.row().words() + " under " + name(t.into())
                                + " with the hook, then stitch it.",
                        0));
            }
        }
    }

    private void securing() {
        List<RowId> loose = braiding.looseEnds().stream().map(Tail::row).toList();
        if (!loose.isEmpty()) {
            String names = loose.stream().map(RowId::words).collect(Collectors.joining(", "));
            steps.add(new BraidStep(
                    steps.size() + 1,
                    Kind.SECURE,
                    loose,
                    "Secure what is loose: " + names + ". Thread of another colour is found again at takedown.",
                    0));
        }
        for (Tail t : braiding.tails()) {
            if (t.end().isSecured() && !t.end().entersRow()) {
                steps.add(new BraidStep(
                        steps.size() + 1,
                        Kind.SECURE,
                        List.of(t.row()),
                        capital(t.row().words()) + ": its end is " + t.end().words() + under(t) + ".",
                        0));
            }
        }
    }

    private static String under(Tail t) {
        return t.halves().isEmpty()
                ? ""
                : t.halves().stream()
                        .map(h -> h.under().words())
                        .collect(Collectors.joining(" and ", " under ", ", and stitched"));
    }

    private void mesh() {
        long strips =
                foundation.mesh().stream().filter(m -> !m.between().isEmpty()).count();
        long gaps = foundation.mesh().size() - strips;
        if (gaps > 0) {
            add(Kind.MESH, "Sew mesh over the " + (gaps == 1 ? "gap" : gaps + " gaps") + " where rows cross or end.");
        }
        if (strips > 0) {
            add(
                    Kind.MESH,
                    "Sew " + (strips == 1 ? "a strip" : strips + " strips")
                            + " of mesh between the rows that lie far apart.");
        }
        foundation
                .cap()
                .ifPresent(c -> add(
                        Kind.MESH,
                        (c.isOnCombs() ? "Set the cap on its combs, edge first" : "Sew the cap on along its edge")
                                + (c.isHookedOff() ? "; its hair is hooked in already." : ".")));
        if (foundation.rowsOf(Section.LEVEL).stream().anyMatch(r -> r.use() == RowUse.WEFTED)) {
            add(Kind.MESH, "Sew the wefts to the level rows, lowest first.");
        }
    }

    private void add(Kind kind, String words) {
        steps.add(new BraidStep(steps.size() + 1, kind, List.of(), words, 0));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
