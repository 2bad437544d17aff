package gyrotaxis.server.stills;

import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.pictures.Picture;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says which plans have a picture that is still true, and keeps new ones. */
@Service
@Transactional
class ThumbnailService {
    private static final int MAX_PLANS = 100;

    /** What the page calls its tones of skin. */
    private static final Pattern NAME = Pattern.compile("[a-z-]{1,20}");

    private static final Pattern FINGERPRINT = Pattern.compile("[0-9a-f]{64}");
    private static final Interval ROUND = new Interval(-180, 180);
    private static final Interval UP = new Interval(-90, 90);
    private static final Interval PARTS = new Interval(0, 20);
    private static final Interval DAYS = new Interval(0, Loft.LAST_DAY);

    private final ThumbnailRepository stills;
    private final PlanService plans;
    private final Clock clock;

    ThumbnailService(ThumbnailRepository stills, PlanService plans, Clock clock) {
        this.stills = stills;
        this.plans = plans;
        this.clock = clock;
    }

    /** What is known of the pictures of some plans; of those that are no longer kept nothing. */
    @Transactional(readOnly = true)
    List<ThumbnailView> of(Set<UUID> some) {
        Fields f = new Fields();
        if (some.size() > MAX_PLANS) {
            f.problem("plan", "Ask for at most " + MAX_PLANS + " plans at once.");
        }
        return f.orRefuse(() -> {
            Map<UUID, ThumbnailView.KeptStill> kept = stills.of(some);
            return plans.looks(some).entrySet().stream()
                    .map(e -> new ThumbnailView(e.getKey(), e.getValue(), kept.get(e.getKey())))
                    .toList();
        });
    }

    /** The picture of a plan. */
    @Transactional(readOnly = true)
    Picture picture(UUID plan) {
        return stills.picture(plan).orElseThrow(() -> new NotFound("Of this plan no picture is kept yet."));
    }

    /**
     * Keeps what the page drew in place of the picture before.
     *
     * @param of the fingerprint of what it was drawn from, as the page was told it
     */
    ThumbnailView keep(UUID plan, String of, Sight seen, boolean isPinned, Picture picture) {
        Fields f = new Fields();
        check(seen, f);
        if (!FINGERPRINT.matcher(of).matches()) {
            f.problem("of", "It is not said what this picture was drawn from.");
        }
        return f.orRefuse(() -> {
            if (plans.planned(plan).isEmpty()) {
                throw new NotFound("This plan is no longer in the book.");
            }
            stills.keep(new Thumbnail(plan, of, seen, isPinned, picture, clock.instant()));
            return of(Set.of(plan)).get(0);
        });
    }

    private static void check(Sight seen, Fields f) {
        f.number("round", "The way round the head", seen.round(), ROUND);
        f.number("up", "The way up", seen.up(), UP);
        f.number("day", "The day", seen.day(), DAYS);
        if (seen.part() != null) {
            f.whole("part", "The part", seen.part(), PARTS);
        }
        if (!NAME.matcher(seen.skin()).matches()) {
            f.problem("skin", "The tone of skin is not said as one name.");
        }
    }
}
