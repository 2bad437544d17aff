package gyrotaxis.server.plans;

import static gyrotaxis.server.db.Tables.PLAN;

import gyrotaxis.server.db.tables.records.PlanRecord;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.shelf.HairInUse;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.text.FoldedText;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqPlanRepository implements PlanRepository, HairInUse {
    private final DSLContext db;
    private final StoredDocument kept;
    private final HairLineRepository shelf;
    private final PlanNames names;

    JooqPlanRepository(DSLContext db, StoredDocument kept, HairLineRepository shelf, PlanNames names) {
        this.db = db;
        this.kept = kept;
        this.shelf = shelf;
        this.names = names;
    }

    @Override
    public List<SavedPlan> latest(int most) {
        return db.selectFrom(PLAN)
                .orderBy(PLAN.UPDATED_AT.desc(), PLAN.ID)
                .limit(most)
                .fetch(this::plan);
    }

    @Override
    public List<Tiles.Row> rows(Set<UUID> clients) {
        return db.selectFrom(PLAN)
                .where(PLAN.CLIENT_ID.in(clients))
                .orderBy(PLAN.UPDATED_AT.desc(), PLAN.ID)
                .fetch(this::row);
    }

    @Override
    public List<Tiles.Row> rowsOf(Set<UUID> ids) {
        return db.selectFrom(PLAN).where(PLAN.ID.in(ids)).fetch(this::row);
    }

    @Override
    public BriefBody brief(String document) {
        return kept.read(Form.PLAN, document, StoredPlan.class).brief().completed();
    }

    @Override
    public void keepTile(UUID id, String tile, String of) {
        db.update(PLAN)
                .set(PLAN.TILE, tile)
                .set(PLAN.TILE_OF, of)
                .where(PLAN.ID.eq(id))
                .execute();
    }

    @Override
    public List<SavedPlan> ofClient(UUID client) {
        return db.selectFrom(PLAN)
                .where(PLAN.CLIENT_ID.eq(client))
                .orderBy(PLAN.UPDATED_AT.desc(), PLAN.ID)
                .fetch(this::plan);
    }

    @Override
    public Optional<SavedPlan> find(UUID id) {
        return db.selectFrom(PLAN).where(PLAN.ID.eq(id)).fetchOptional(this::plan);
    }

    @Override
    public Map<UUID, String> names(Set<UUID> ids) {
        return db.select(PLAN.ID, PLAN.NAME).from(PLAN).where(PLAN.ID.in(ids)).fetchMap(PLAN.ID, PLAN.NAME);
    }

    @Override
    public void add(SavedPlan plan) {
        db.insertInto(PLAN).set(record(plan)).execute();
        names.changed(plan.id());
    }

    @Override
    public Optional<SavedPlan> change(SavedPlan p) {
        SavedPlan next =
                new SavedPlan(p.id(), p.clientId(), p.headId(), p.name(), p.brief(), p.version() + 1, p.updatedAt());
        PlanRecord record = record(next);
        // What its tile showed last is shown until it is worked out anew.
        record.changed(PLAN.TILE, false);
        record.changed(PLAN.TILE_OF, false);
        int changed = db.update(PLAN)
                .set(record)
                .where(PLAN.ID.eq(p.id()).and(PLAN.VERSION.eq(p.version())))
                .execute();
        names.changed(p.id());
        return changed == 1 ? Optional.of(next) : Optional.empty();
    }

    @Override
    public boolean remove(UUID id) {
        boolean isRemoved = db.deleteFrom(PLAN).where(PLAN.ID.eq(id)).execute() == 1;
        names.changed(id);
        return isRemoved;
    }

    @Override
    public Set<UUID> hairInUse() {
        Set<UUID> named = db
                .selectDistinct(PLAN.HAIR_LINE_IDS)
                .from(PLAN)
                .where(PLAN.HAIR_LINE_IDS.isNotNull())
                .fetch(PLAN.HAIR_LINE_IDS)
                .stream()
                .flatMap(ids -> Arrays.stream(ids.split(" ")))
                .filter(id -> !id.isEmpty())
                .map(UUID::fromString)
                .collect(Collectors.toSet());
        // Of plans that were kept before their hair was told apart, the brief says it.
        db.selectFrom(PLAN)
                .where(PLAN.HAIR_LINE_IDS.isNull())
                .forEach(r -> named.addAll(plan(r).brief().hairNamed()));
        return named;
    }

    private PlanRecord record(SavedPlan p) {
        return new PlanRecord(
                p.id(),
                p.clientId(),
                p.headId(),
                p.name(),
                kept.write(Form.PLAN, StoredPlan.of(p.brief(), shelf)),
                p.version(),
                p.updatedAt().atOffset(ZoneOffset.UTC),
                FoldedText.of(p.name()),
                hairNamed(p.brief()),
                null,
                null);
    }

    private static String hairNamed(BriefBody brief) {
        return brief.hairNamed().stream().map(UUID::toString).sorted().collect(Collectors.joining(" "));
    }

    private Tiles.Row row(PlanRecord r) {
        return new Tiles.Row(
                r.getId(),
                r.getClientId(),
                r.getName(),
                r.getBrief(),
                r.getHairLineIds() == null ? hairNamed(brief(r.getBrief())) : r.getHairLineIds(),
                r.getTile(),
                r.getTileOf());
    }

    private SavedPlan plan(PlanRecord r) {
        return new SavedPlan(
                r.getId(),
                r.getClientId(),
                r.getHeadId(),
                r.getName(),
                brief(r.getBrief()),
                r.getVersion(),
                r.getUpdatedAt().toInstant());
    }
}
