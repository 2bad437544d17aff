package gyrotaxis.server.book;

import static gyrotaxis.server.db.Tables.CLIENT;
import static gyrotaxis.server.db.Tables.HEAD;

import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.ownhair.StrandThickness;
import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.scalp.HairlineShape.Peak;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.server.db.tables.records.ClientRecord;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.language.RegionBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.text.FoldedText;
import gyrotaxis.server.text.NameIndex;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Repository;

@Repository
class JooqClientRepository implements ClientRepository {
    /** What was drawn on a head, as it is kept; its measures have columns of their own. */
    private record Drawn(List<RegionBody> regions) {}

    /** A client as she is searched for. */
    private record OnRoll(UUID id, String folded) implements NameIndex.Entry {}

    private final DSLContext db;
    private final StoredDocument kept;
    private final ApplicationEventPublisher events;
    private final NameIndex<OnRoll> roll;

    JooqClientRepository(DSLContext db, StoredDocument kept, ApplicationEventPublisher events) {
        this.db = db;
        this.kept = kept;
        this.events = events;
        this.roll = new NameIndex<>(
                () -> onRoll(DSL.noCondition()),
                ids -> onRoll(CLIENT.ID.in(ids)),
                Comparator.comparing(OnRoll::folded).thenComparing(OnRoll::id));
    }

    private List<OnRoll> onRoll(Condition which) {
        return db.select(CLIENT.ID, CLIENT.FOLDED)
                .from(CLIENT)
                .where(which)
                .fetch(r -> new OnRoll(r.value1(), r.value2()));
    }

    private void changed(UUID client) {
        roll.changed(client);
        events.publishEvent(new ClientChanged(client));
    }

    @Override
    public Found find(List<String> words, int from, int most) {
        if (words.isEmpty()) {
            return new Found(
                    db.selectFrom(CLIENT)
                            .orderBy(CLIENT.FOLDED, CLIENT.ID)
                            .limit(most)
                            .offset(from)
                            .fetch(JooqClientRepository::client),
                    db.fetchCount(CLIENT));
        }
        List<UUID> fitting = roll.find(words).map(OnRoll::id).toList();
        List<UUID> asked = fitting.stream().skip(from).limit(most).toList();
        Map<UUID, Client> clients =
                clients(Set.copyOf(asked)).stream().collect(Collectors.toMap(Client::id, Function.identity()));
        return new Found(
                asked.stream().filter(clients::containsKey).map(clients::get).toList(), fitting.size());
    }

    @Override
    public Set<UUID> named(List<String> words) {
        return roll.ids(e -> e.fits(words));
    }

    @Override
    public boolean isEmpty() {
        return !db.fetchExists(CLIENT);
    }

    @Override
    public List<Client> clients(Set<UUID> ids) {
        return db.selectFrom(CLIENT).where(CLIENT.ID.in(ids)).fetch(JooqClientRepository::client);
    }

    @Override
    public Optional<Client> client(UUID id) {
        return db.selectFrom(CLIENT).where(CLIENT.ID.eq(id)).fetchOptional(JooqClientRepository::client);
    }

    @Override
    public Map<UUID, String> names(Set<UUID> ids) {
        return db.select(CLIENT.ID, CLIENT.NAME)
                .from(CLIENT)
                .where(CLIENT.ID.in(ids))
                .fetchMap(CLIENT.ID, CLIENT.NAME);
    }

    @Override
    public void add(Client client) {
        db.insertInto(CLIENT).set(record(client)).execute();
        changed(client.id());
    }

    @Override
    public Optional<Client> change(Client c) {
        Client next = new Client(c.id(), c.name(), c.wishes(), c.notes(), c.ownHair(), c.version() + 1, c.createdAt());
        int changed = db.update(CLIENT)
                .set(record(next))
                .where(CLIENT.ID.eq(c.id()).and(CLIENT.VERSION.eq(c.version())))
                .execute();
        changed(c.id());
        return changed == 1 ? Optional.of(next) : Optional.empty();
    }

    @Override
    public boolean erase(UUID id) {
        boolean isErased = db.deleteFrom(CLIENT).where(CLIENT.ID.eq(id)).execute() == 1;
        changed(id);
        return isErased;
    }

    @Override
    public List<Head> heads(UUID clientId) {
        return db.selectFrom(HEAD)
                .where(HEAD.CLIENT_ID.eq(clientId))
                .orderBy(HEAD.TAKEN_AT.desc(), HEAD.ID)
                .fetch(this::head);
    }

    @Override
    public List<Head> heads(Set<UUID> clientIds) {
        return db.selectFrom(HEAD)
                .where(HEAD.CLIENT_ID.in(clientIds))
                .orderBy(HEAD.TAKEN_AT.desc(), HEAD.ID)
                .fetch(this::head);
    }

    @Override
    public void add(Head head) {
        Map<Measure, Double> m = head.record().measures().byMeasure();
        HairlineShape shape = head.record().hairline();
        db.insertInto(HEAD)
                .set(new gyrotaxis.server.db.tables.records.HeadRecord(
                        head.id(),
                        head.clientId(),
                        head.takenAt().atOffset(ZoneOffset.UTC),
                        m.get(Measure.ROUND),
                        m.get(Measure.FRONT_TO_NAPE),
                        m.get(Measure.OVER_TOP),
                        m.get(Measure.ALONG_FRONT),
                        m.get(Measure.ROUND_BACK),
                        m.get(Measure.NAPE_WIDTH),
                        shape.leftTempleMm(),
                        shape.rightTempleMm(),
                        shape.peak().map(Peak::placeMm).orElse(null),
                        shape.peak().map(Peak::dropMm).orElse(null),
                        shape.nape().name(),
                        kept.write(
                                Form.HEAD,
                                new Drawn(head.record().regions().stream()
                                        .map(RegionBody::of)
                                        .toList()))))
                .execute();
    }

    private static ClientRecord record(Client c) {
        return new ClientRecord(
                c.id(),
                c.name(),
                c.wishes(),
                c.notes(),
                c.ownHair().density().name(),
                c.ownHair().conditions().stream().map(Enum::name).collect(Collectors.joining(" ")),
                c.version(),
                c.createdAt().atOffset(ZoneOffset.UTC),
                c.ownHair().lengthMm(),
                c.ownHair().strands().name(),
                c.ownHair().newGrowthMm(),
                c.ownHair().matsEasily(),
                FoldedText.of(c.name()));
    }

    private static Client client(ClientRecord r) {
        OwnHair own = new OwnHair(
                HairDensity.valueOf(r.getDensity()),
                StrandThickness.valueOf(r.getStrands()),
                r.getOwnLengthMm(),
                r.getNewGrowthMm(),
                r.getMatsEasily(),
                Arrays.stream(r.getConditions().split(" "))
                        .filter(s -> !s.isEmpty())
                        .map(ScalpCondition::valueOf)
                        .collect(Collectors.toSet()));
        return new Client(
                r.getId(),
                r.getName(),
                r.getWishes(),
                r.getNotes(),
                own,
                r.getVersion(),
                r.getCreatedAt().toInstant());
    }

    private Head head(gyrotaxis.server.db.tables.records.HeadRecord r) {
        Map<Measure, Double> m = new EnumMap<>(Measure.class);
        put(m, Measure.ROUND, r.getRoundMm());
        put(m, Measure.FRONT_TO_NAPE, r.getFrontToNapeMm());
        put(m, Measure.OVER_TOP, r.getOverTopMm());
        put(m, Measure.ALONG_FRONT, r.getAlongFrontMm());
        put(m, Measure.ROUND_BACK, r.getRoundBackMm());
        put(m, Measure.NAPE_WIDTH, r.getNapeWidthMm());
        Optional<Peak> peak = r.getPeakPlaceMm() == null || r.getPeakDropMm() == null
                ? Optional.empty()
                : Optional.of(new Peak(r.getPeakPlaceMm(), r.getPeakDropMm()));
        HairlineShape shape = new HairlineShape(
                r.getLeftTempleMm(), r.getRightTempleMm(), peak, HairlineShape.Nape.valueOf(r.getNape()));
        Fields f = new Fields();
        List<Region> regions = kept.read(Form.HEAD, r.getRegions(), Drawn.class).regions().stream()
                .map(body -> body.check(f, "region"))
                .toList();
        return new Head(
                r.getId(),
                r.getClientId(),
                r.getTakenAt().toInstant(),
                f.orRefuse(() -> new HeadRecord(new HeadMeasures(m), shape, regions)));
    }

    private static void put(Map<Measure, Double> measures, Measure measure, @Nullable Double mm) {
        if (mm != null) {
            measures.put(measure, mm);
        }
    }
}
