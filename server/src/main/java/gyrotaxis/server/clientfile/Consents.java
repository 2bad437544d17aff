package gyrotaxis.server.clientfile;

import static gyrotaxis.server.db.Tables.CONSENT;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.server.db.tables.records.ConsentRecord;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What clients answered and were told, signed on a day, in the words of that day. */
@Service
@Transactional
class Consents {
    private static final int MAX_NAME_LENGTH = 120;

    private final DSLContext db;
    private final PlanService plans;
    private final Planning planning;
    private final JsonMapper json;
    private final StudioDay day;

    Consents(DSLContext db, PlanService plans, Planning planning, JsonMapper json, StudioDay day) {
        this.db = db;
        this.plans = plans;
        this.planning = planning;
        this.json = json;
        this.day = day;
    }

    /** What was signed. */
    record Consent(UUID id, LocalDate signedOn, String signedBy, List<String> answers, List<String> cautions) {}

    /** To be signed: for which plan, and by whose name. */
    record SignBody(@Nullable String planId, @Nullable String signedBy) {}

    private record Said(List<String> answers, List<String> cautions) {}

    @Transactional(readOnly = true)
    List<Consent> of(UUID client) {
        return db.selectFrom(CONSENT)
                .where(CONSENT.CLIENT_ID.eq(client))
                .orderBy(CONSENT.SIGNED_ON.desc(), CONSENT.ID)
                .fetch(this::consent);
    }

    private Consent consent(ConsentRecord r) {
        Said said = json.readValue(r.getAnswers(), Said.class);
        return new Consent(r.getId(), r.getSignedOn(), r.getSignedBy(), said.answers(), said.cautions());
    }

    /** What would be signed for a plan, to be read first. */
    @Transactional(readOnly = true)
    Consent toSign(UUID client, UUID planId) {
        Said said = said(planned(client, planId));
        return new Consent(planId, day.today(), "", said.answers(), said.cautions());
    }

    Consent sign(UUID client, SignBody body) {
        Fields f = new Fields();
        UUID planId = f.id("planId", "The plan", body.planId());
        String by = f.text("signedBy", "Her name, as she signs,", body.signedBy(), MAX_NAME_LENGTH);
        return f.orRefuse(() -> {
            ConsentRecord r = new ConsentRecord(
                    UUID.randomUUID(),
                    client,
                    day.today(),
                    by,
                    json.writeValueAsString(said(planned(client, Objects.requireNonNull(planId)))));
            db.insertInto(CONSENT).set(r).execute();
            return consent(r);
        });
    }

    private Planned planned(UUID client, UUID planId) {
        return plans.planned(planId)
                .filter(p -> p.clientId().equals(client))
                .orElseThrow(() -> new NotFound("This plan is no longer in the book."));
    }

    private Said said(Planned planned) {
        InstallBrief brief = planning.plan(planned.brief()).brief();
        List<String> answers = new ArrayList<>();
        var c = brief.consultation();
        answers.add(planned.name());
        answers.add("worn " + c.weeks() + (c.weeks() == 1 ? " week" : " weeks"));
        answers.add(brief.hair().name() + ", " + brief.hooking().colourOf(brief.hair()));
        if (!c.ways().isEmpty()) {
            answers.add(c.ways().stream().map(w -> w.words()).collect(Collectors.joining(", ")));
        }
        if (!c.habits().isEmpty()) {
            answers.add(c.habits().stream().map(h -> h.words()).collect(Collectors.joining(", ")));
        }
        if (!brief.ownHair().conditions().isEmpty()) {
            answers.add("seen: "
                    + brief.ownHair().conditions().stream().map(s -> s.words()).collect(Collectors.joining(", ")));
        }
        c.ageYears().ifPresent(age -> answers.add(age + " years old"));
        return new Said(
                answers,
                brief.cautions().stream()
                        .map(Caution::words)
                        .map(brief.pronoun()::said)
                        .toList());
    }
}
