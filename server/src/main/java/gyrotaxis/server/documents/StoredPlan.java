package gyrotaxis.server.documents;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.HairInHand;
import gyrotaxis.server.language.HookingBody;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A plan as it is kept: its brief, and the hair it was made with as that was known then.
 *
 * @param brief what is asked
 * @param hairs every hair the brief names; empty for plans of the first format, which kept none
 */
public record StoredPlan(BriefBody brief, @Nullable List<KnownHair> hairs) {
    public StoredPlan {
        Objects.requireNonNull(brief, "brief");
    }

    /** Hair by the id under which the brief names it. */
    public record KnownHair(UUID id, StoredHair hair) {}

    /** A brief with the hair it names, as far as the shelf knows it. */
    public static StoredPlan of(BriefBody brief, HairInHand shelf) {
        return new StoredPlan(
                brief,
                named(brief)
                        .flatMap(id -> shelf.find(id).stream().map(s -> new KnownHair(id, StoredHair.of(s.hair()))))
                        .toList());
    }

    /** The hair as it was known then; none of it is in hand. */
    public HairInHand hairThen() {
        List<KnownHair> known = hairs == null ? List.of() : hairs;
        return id -> known.stream()
                .filter(k -> k.id().equals(id))
                .findFirst()
                .map(k -> new Then(k.hair().line()));
    }

    private record Then(HairLine hair) implements HairInHand.Stocked {
        @Override
        public int loopsOnShelf() {
            return 0;
        }
    }

    /** The ids of all hair that a brief names. */
    private static Stream<UUID> named(BriefBody brief) {
        HookingBody.MixBody mix =
                brief.hooking() == null ? null : brief.hooking().mix();
        Stream<String> mixed = mix == null || mix.others() == null
                ? Stream.of()
                : mix.others().stream().flatMap(s -> Stream.ofNullable(s.hairLineId()));
        return Stream.concat(Stream.ofNullable(brief.hairLineId()), mixed)
                .distinct()
                .flatMap(id -> parsed(id).stream());
    }

    private static Optional<UUID> parsed(String id) {
        try {
            return Optional.of(UUID.fromString(id));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
