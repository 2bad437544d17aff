package gyrotaxis.server.language;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Bulk;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.row.RowId;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** How a head is hooked, as it is written down; what is absent is as usual. */
public record HookingBody(
        @Nullable @Schema(nullable = true) MethodBody method,
        @Nullable List<ZoneBody> zones,
        @Nullable List<PartWish> parts,
        @Nullable @Schema(nullable = true) MixBody mix,
        @Nullable List<StationEditBody> edits,
        @Nullable @Schema(nullable = true) Boolean usesBaseHair,
        @Nullable @Schema(nullable = true) Double tuftGrams,
        @Nullable List<Zone> cutZones,
        @Nullable List<String> knotlessRows,
        @Nullable @Schema(nullable = true) String colour) {
    private static final Interval PARTS = new Interval(0, 8);
    private static final Interval SPLIT = new Interval(1, Share.MAX_PARTS);
    private static final Interval PERCENT = new Interval(1, 100);
    private static final int ALL_PERCENT = 100;
    private static final int HALF_PERCENT = 50;

    /** A wish for a zone; {@code shareParts} is into how many a loop is split there, null for the usual. */
    public record ZoneBody(
            @Nullable Zone zone,
            @Nullable @Schema(nullable = true) Double closer,
            @Nullable @Schema(nullable = true) Integer shareParts) {}

    /** How closely the hair beside a part is hooked. */
    public record PartWish(
            @Nullable @Schema(nullable = true) Integer part,
            @Nullable @Schema(nullable = true) Double closer) {}

    /** Hair mixed in. */
    public record MixBody(
            HairMix.@Nullable How how,
            @Nullable List<StrandBody> others,
            @Nullable @Schema(nullable = true) Long seed,
            @Nullable @Schema(nullable = true) Boolean mayClump) {
        /** The lines that are mixed in, in turn. */
        public List<UUID> lineIds() {
            return others == null
                    ? List.of()
                    : others.stream()
                            .flatMap(s -> new Fields().idIfAny("hairLineId", "The hair", s.hairLineId()).stream())
                            .toList();
        }
    }

    /** One hair of a mix. */
    public record StrandBody(
            @Nullable String hairLineId,
            @Nullable String colour,
            @Nullable @Schema(nullable = true) Integer percent,
            @Nullable @Schema(nullable = true) Zone zone) {}

    /** What is written down for a brief of the core; a mix is written as it was, since the core does not know ids. */
    static HookingBody of(HookingBrief h, @Nullable MixBody mix) {
        return new HookingBody(
                MethodBody.of(h.method()),
                h.zones().entrySet().stream()
                        .map(e -> new ZoneBody(
                                e.getKey(),
                                e.getValue().closer(),
                                e.getValue().share().map(Share::parts).orElse(null)))
                        .toList(),
                h.partCloser().entrySet().stream()
                        .map(e -> new PartWish(e.getKey(), e.getValue()))
                        .toList(),
                mix,
                h.edits().stream().map(StationEditBody::of).toList(),
                h.usesBaseHair(),
                h.bulk().tuftGrams().isPresent() ? h.bulk().tuftGrams().getAsDouble() : null,
                List.copyOf(h.bulk().cut()),
                h.knotless().stream().map(RowId::toString).toList(),
                h.colour().orElse(null));
    }

    /** The usual way by a method of her own. */
    public static HookingBody by(MethodBody method) {
        HookingBody u = usual();
        return new HookingBody(
                method,
                u.zones,
                u.parts,
                u.mix,
                u.edits,
                u.usesBaseHair,
                u.tuftGrams,
                u.cutZones,
                u.knotlessRows,
                null);
    }

    static HookingBody usual() {
        return of(HookingBrief.usual(), null);
    }

    /** The same with whatever it does not say as usual. */
    HookingBody completed() {
        return new HookingBody(
                Fields.or(method, MethodBody.of(Method.usual())).completed(),
                Fields.or(zones, List.of()),
                Fields.or(parts, List.of()),
                mix,
                Fields.or(edits, List.of()),
                Fields.or(usesBaseHair, false),
                tuftGrams,
                Fields.or(cutZones, List.of()),
                Fields.or(knotlessRows, List.of()),
                colour);
    }

    /** The same with another mix. */
    HookingBody mixing(@Nullable MixBody other) {
        return new HookingBody(
                method, zones, parts, other, edits, usesBaseHair, tuftGrams, cutZones, knotlessRows, colour);
    }

    /** What the hairs of its mix are called, as they are told. */
    List<String> hairsNamed() {
        return mix == null || mix.others() == null
                ? List.of()
                : mix.others().stream()
                        .flatMap(s -> Stream.ofNullable(s.hairLineId()))
                        .toList();
    }

    /** The same with the hair lines of its mix found by another key. */
    public HookingBody withLines(UnaryOperator<String> find) {
        if (mix == null || mix.others() == null) {
            return this;
        }
        List<StrandBody> found = mix.others().stream()
                .map(s -> new StrandBody(
                        s.hairLineId() == null ? null : find.apply(s.hairLineId()), s.colour(), s.percent(), s.zone()))
                .toList();
        return mixing(new MixBody(mix.how(), found, mix.seed(), mix.mayClump()));
    }

    /**
     * The wish.
     *
     * @param ofHair the currency in which the main hair is priced
     */
    HookingBrief check(Fields f, HairInHand shelf, Currency ofHair) {
        return new HookingBrief(
                method == null ? Method.usual() : method.check(f, "hooking.method.", ofHair),
                zones(f),
                parts(f),
                mix(f, shelf),
                edits(f),
                Boolean.TRUE.equals(usesBaseHair),
                bulk(f),
                knotless(f),
                Optional.ofNullable(colour));
    }

    private Bulk bulk(Fields f) {
        OptionalDouble tuft = tuftGrams == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(f.number("hooking.tuftGrams", "Grams of a tuft", tuftGrams, HairLine.GRAMS));
        return new Bulk(tuft, cutZones == null ? Set.of() : Set.copyOf(cutZones));
    }

    private Set<RowId> knotless(Fields f) {
        List<String> given = knotlessRows == null ? List.of() : knotlessRows;
        if (given.size() > HookingBrief.MAX_KNOTLESS) {
            f.problem("hooking.knotlessRows", "At most " + HookingBrief.MAX_KNOTLESS + " rows can be without knots.");
            return Set.of();
        }
        TreeSet<RowId> rows = new TreeSet<>();
        for (int i = 0; i < given.size(); i++) {
            Optional<RowId> row = RowId.parse(given.get(i));
            row.ifPresent(rows::add);
            if (row.isEmpty()) {
                f.problem(
                        "hooking.knotlessRows[" + i + "]",
                        "No row is called so. Rows are called F1, B2, L3 and so on.");
            }
        }
        return rows;
    }

    /** The field of what is wished for a zone. */
    String fieldOf(Zone zone) {
        List<ZoneBody> given = zones == null ? List.of() : zones;
        return IntStream.range(0, given.size())
                .filter(i -> given.get(i).zone() == zone)
                .mapToObj(i -> "hooking.zones[" + i + "]")
                .findFirst()
                .orElse("hooking.zones");
    }

    private Map<Zone, ZoneWish> zones(Fields f) {
        EnumMap<Zone, ZoneWish> all = new EnumMap<>(Zone.class);
        List<ZoneBody> given = zones == null ? List.of() : zones;
        for (int i = 0; i < given.size(); i++) {
            ZoneBody z = given.get(i);
            String at = "hooking.zones[" + i + "].";
            Zone zone = f.present(at + "zone", "The zone", z.zone(), Zone.FRONT);
            double closer =
                    z.closer() == null ? 1 : f.number(at + "closer", "How closely", z.closer(), ZoneWish.CLOSER);
            Optional<Share> share = z.shareParts() == null
                    ? Optional.empty()
                    : Optional.of(new Share(f.whole(at + "shareParts", "A loop split into", z.shareParts(), SPLIT)));
            all.put(zone, new ZoneWish(closer, share));
        }
        return all;
    }

    private Map<Integer, Double> parts(Fields f) {
        TreeMap<Integer, Double> all = new TreeMap<>();
        List<PartWish> given = parts == null ? List.of() : parts;
        for (int i = 0; i < given.size(); i++) {
            String at = "hooking.parts[" + i + "].";
            int part = f.whole(at + "part", "The part", given.get(i).part(), PARTS);
            all.put(part, f.number(at + "closer", "How closely", given.get(i).closer(), ZoneWish.CLOSER));
        }
        return all;
    }

    private HairMix mix(Fields f, HairInHand shelf) {
        if (mix == null || mix.others() == null || mix.others().isEmpty()) {
            return HairMix.none();
        }
        HairMix.How how = f.present("hooking.mix.how", "How it is mixed", mix.how(), HairMix.How.RATIO);
        List<HairMix.Strand> strands = new ArrayList<>();
        int sum = 0;
        if (mix.others().size() > HairMix.MAX_OTHERS) {
            f.problem("hooking.mix.others", "At most " + HairMix.MAX_OTHERS + " others can be mixed in.");
        }
        if (how == HairMix.How.BLENDED && mix.others().size() > 1) {
            f.problem("hooking.mix.others", "Only two can be blended on one hook: the main hair and one other.");
            return HairMix.none();
        }
        for (int i = 0; i < Math.min(mix.others().size(), HairMix.MAX_OTHERS); i++) {
            String at = "hooking.mix.others[" + i + "].";
            StrandBody s = mix.others().get(i);
            int percent = how == HairMix.How.ZONES
                    ? ALL_PERCENT
                    : how == HairMix.How.BLENDED
                            ? HALF_PERCENT
                            : f.whole(at + "percent", "Its part of a hundred", s.percent(), PERCENT);
            sum += how == HairMix.How.ZONES ? 0 : percent;
            if (how == HairMix.How.ZONES && s.zone() == null) {
                f.problem(at + "zone", "Which zone it takes is not chosen.");
            }
            strand(f, shelf, at, s, percent).ifPresent(strands::add);
        }
        if (sum > ALL_PERCENT) {
            f.problem(
                    "hooking.mix.others",
                    "What is mixed in comes to " + sum + " %; all of the hair is 100 %. Take " + (sum - ALL_PERCENT)
                            + " % away.");
            return HairMix.none();
        }
        return new HairMix(how, strands, mix.seed() == null ? 1 : mix.seed(), Boolean.TRUE.equals(mix.mayClump()));
    }

    private static Optional<HairMix.Strand> strand(Fields f, HairInHand shelf, String at, StrandBody s, int percent) {
        UUID id = f.id(at + "hairLineId", "The hair", s.hairLineId());
        Optional<? extends HairInHand.Stocked> line = id == null ? Optional.empty() : shelf.find(id);
        if (id != null && line.isEmpty()) {
            f.problem(at + "hairLineId", "This hair is no longer on the shelf. Choose another.");
        }
        return line.flatMap(l -> {
            String colour = s.colour() == null ? l.hair().colours().get(0) : s.colour();
            if (!l.hair().colours().contains(colour)) {
                f.problem(
                        at + "colour",
                        l.hair().name() + " comes in "
                                + String.join(", ", l.hair().colours()) + ".");
                return Optional.empty();
            }
            return Optional.of(new HairMix.Strand(l.hair(), colour, percent, Optional.ofNullable(s.zone())));
        });
    }

    private List<StationEdit> edits(Fields f) {
        List<StationEdit> all = new ArrayList<>();
        List<StationEditBody> given = edits == null ? List.of() : edits;
        if (given.size() > HookingBrief.MAX_EDITS) {
            f.problem("hooking.edits", "At most " + HookingBrief.MAX_EDITS + " changes by hand are kept.");
            return List.of();
        }
        for (int i = 0; i < given.size(); i++) {
            given.get(i).check(f, "hooking.edits[" + i + "].").ifPresent(all::add);
        }
        return all;
    }
}
