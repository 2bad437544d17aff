package gyrotaxis.server.stills;

import gyrotaxis.server.pictures.Picture;
import gyrotaxis.server.stills.ThumbnailView.KeptStill;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** The pictures of plans: at most one of each. */
interface ThumbnailRepository {
    /** What is kept of some plans, by their ids. */
    Map<UUID, KeptStill> of(Set<UUID> plans);

    /** The picture of a plan. */
    Optional<Picture> picture(UUID plan);

    /** Keeps a picture in place of the one before. */
    void keep(Thumbnail still);
}
