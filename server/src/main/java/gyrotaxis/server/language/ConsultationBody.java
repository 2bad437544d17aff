package gyrotaxis.server.language;

import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.estimate.Finish;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.Consultation.Fall;
import gyrotaxis.core.quantity.Pronoun;
import gyrotaxis.core.wear.Way;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What was asked before planning, as it is written down. */
public record ConsultationBody(
        @Nullable List<Way> ways,
        @Nullable Fall fall,
        @Nullable @Schema(nullable = true) Boolean hasFringe,
        @Nullable List<Habit> habits,
        @Nullable @Schema(nullable = true) Integer weeks,
        @Nullable @Schema(nullable = true) Double chairMinutes,
        @Nullable @Schema(nullable = true) Integer ownPacks,
        @Nullable List<Finish> finish,
        @Nullable @Schema(nullable = true) Integer ageYears,
        @Nullable Pronoun pronoun) {

    /** The same without how old she is and how she is spoken of. */
    ConsultationBody ofNobody() {
        return new ConsultationBody(ways, fall, hasFringe, habits, weeks, chairMinutes, ownPacks, finish, null, null);
    }

    /** What was asked, as it is written down. */
    public static ConsultationBody of(Consultation c) {
        return new ConsultationBody(
                List.copyOf(c.ways()),
                c.fall(),
                c.hasFringe(),
                List.copyOf(c.habits()),
                c.weeks(),
                c.chairMinutes().isPresent() ? c.chairMinutes().getAsDouble() : null,
                c.ownPacks(),
                List.copyOf(c.finish()),
                c.ageYears().isPresent() ? Integer.valueOf(c.ageYears().getAsInt()) : null,
                c.pronoun());
    }

    Consultation check(Fields f, String prefix) {
        int worn = weeks == null
                ? Cautions.USUAL_WEEKS
                : f.whole(prefix + "weeks", "Weeks of wear", weeks, Consultation.WEEKS);
        OptionalDouble minutes = chairMinutes == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(f.number(
                        prefix + "chairMinutes",
                        "The time she has, in minutes,",
                        chairMinutes,
                        Consultation.CHAIR_MINUTES));
        int packs = ownPacks == null
                ? 0
                : f.whole(prefix + "ownPacks", "The packs she brings", ownPacks, Consultation.OWN_PACKS);
        return new Consultation(
                ways == null ? Set.of(Way.DOWN) : Set.copyOf(ways),
                fall == null ? Fall.BACK : fall,
                Boolean.TRUE.equals(hasFringe),
                habits == null ? Set.of() : Set.copyOf(habits),
                worn,
                minutes,
                packs,
                finish == null ? Set.of(Finish.TRIM) : Set.copyOf(finish),
                ageYears == null
                        ? OptionalInt.empty()
                        : OptionalInt.of(f.whole(prefix + "ageYears", "The age", ageYears, Consultation.AGE_YEARS)),
                pronoun == null ? Pronoun.SHE : pronoun);
    }
}
