package gyrotaxis.server.plans;

import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.planning.PlanSummary;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Plans as tiles.
 *
 * <p>What a tile shows is kept beside its plan, with a fingerprint of the brief, its hair as it is on the shelf, and the version that
 * worked it out. A list of them answers at once with what is kept; what has changed since is worked out beside it, and is there when
 * it is next asked for.
 */
@Component
class Tiles implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Tiles.class);

    /** Nobody notices so short a wait, and of a few plans all are ready by then. */
    private static final Duration PATIENCE = Duration.ofMillis(40);

    private final PlanRepository plans;
    private final Planning planning;
    private final HairLineRepository shelf;
    private final JsonMapper json;
    private final String version;
    private final ExecutorService workers =
            Executors.newFixedThreadPool(Math.max(1, Runtime.getRuntime().availableProcessors() - 1), Tiles::worker);
    private final Map<Stale, CompletableFuture<Shown>> underWay = new ConcurrentHashMap<>();

    Tiles(
            PlanRepository plans,
            Planning planning,
            HairLineRepository shelf,
            JsonMapper json,
            ObjectProvider<BuildProperties> build) {
        this.plans = plans;
        this.planning = planning;
        this.shelf = shelf;
        this.json = json;
        this.version = Optional.ofNullable(build.getIfAvailable())
                .map(BuildProperties::getTime)
                .map(Object::toString)
                .orElse("");
    }

    private static Thread worker(Runnable work) {
        Thread thread = new Thread(work, "tiles");
        thread.setDaemon(true);
        return thread;
    }

    /** What a tile shows: its figures, or why there are none. */
    record Shown(@Nullable PlanSummary summary, @Nullable String problem) {}

    /** A plan as far as its tile needs it. */
    record Row(
            UUID id,
            UUID clientId,
            String name,
            String brief,
            String hairLines,
            @Nullable String tile,
            @Nullable String tileOf) {}

    /** A plan whose tile is no longer what it was worked out from. */
    private record Stale(Row row, String print) {}

    /** The tiles of some plans, in their order. */
    List<PlanTileView> of(List<Row> rows) {
        Map<UUID, HairLineRepository.Free> hair =
                shelf.freeFor(rows.stream().map(Row::id).collect(Collectors.toSet()));
        Map<Row, CompletableFuture<Shown>> asked = new LinkedHashMap<>();
        for (Row row : rows) {
            HairLineRepository.Free free = Objects.requireNonNull(hair.get(row.id()));
            String print = print(row, free);
            if (!print.equals(row.tileOf())) {
                asked.put(row, underWay.computeIfAbsent(new Stale(row, print), stale -> begin(stale, free)));
            }
        }
        wait(asked.values().toArray(CompletableFuture[]::new));
        return rows.stream().map(row -> view(row, asked.get(row))).toList();
    }

    private CompletableFuture<Shown> begin(Stale stale, HairLineRepository.Free free) {
        return CompletableFuture.supplyAsync(
                () -> {
                    try {
                        return made(stale, free);
                    } finally {
                        underWay.remove(stale);
                    }
                },
                workers);
    }

    private static void wait(CompletableFuture<?>[] all) {
        CompletableFuture.allOf(all)
                .orTimeout(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)
                .exceptionally(tooLate -> null)
                .join();
    }

    private PlanTileView view(Row row, @Nullable CompletableFuture<Shown> asked) {
        if (asked != null && asked.isDone() && !asked.isCompletedExceptionally()) {
            Shown now = asked.join();
            return new PlanTileView(row.id(), row.clientId(), row.name(), now.summary(), now.problem(), true);
        }
        Shown kept = row.tile() == null ? new Shown(null, null) : json.readValue(row.tile(), Shown.class);
        return new PlanTileView(row.id(), row.clientId(), row.name(), kept.summary(), kept.problem(), asked == null);
    }

    private Shown made(Stale stale, HairLineRepository.Free free) {
        BriefBody brief = plans.brief(stale.row().brief());
        Shown shown;
        try {
            shown = new Shown(planning.summary(brief, free), null);
        } catch (FieldProblems e) {
            shown = new Shown(null, e.words());
        }
        keep(stale, shown);
        return shown;
    }

    private void keep(Stale stale, Shown shown) {
        try {
            plans.keepTile(stale.row().id(), json.writeValueAsString(shown), stale.print());
        } catch (RuntimeException e) {
            // It is worked out again when it is next asked for.
            LOG.debug("a tile was not kept", e);
        }
    }

    /** What some plans look like follows from this, by their ids: where it is another, they look otherwise. */
    Map<UUID, String> looks(List<Row> rows) {
        Map<UUID, HairLineRepository.Free> hair =
                shelf.freeFor(rows.stream().map(Row::id).collect(Collectors.toSet()));
        Map<UUID, String> all = new LinkedHashMap<>();
        rows.forEach(row -> all.put(
                row.id(),
                print(
                        row,
                        Objects.requireNonNull(hair.get(row.id())),
                        line -> line.hair().toString())));
        return all;
    }

    private String print(Row row, HairLineRepository.Free hair) {
        return print(row, hair, Tiles::print);
    }

    private String print(Row row, HairLineRepository.Free hair, Function<StockedLine, String> of) {
        StringBuilder from = new StringBuilder(version).append('\n').append(row.brief());
        for (String id : row.hairLines().split(" ")) {
            if (!id.isEmpty()) {
                from.append('\n').append(hair.find(UUID.fromString(id)).map(of).orElse("gone"));
            }
        }
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256")
                            .digest(from.toString().getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has it", e);
        }
    }

    /** In the same order at every start. */
    private static String print(StockedLine line) {
        return line.hair() + " " + new TreeMap<>(line.loopsByColour()) + " " + new TreeSet<>(line.guessed());
    }

    @Override
    public void destroy() {
        workers.shutdownNow();
    }
}
