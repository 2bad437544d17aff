package gyrotaxis.server.book;

import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.language.OwnHairBody;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** A client as she is shown; heads newest first, at least one. */
record ClientView(
        UUID id, String name, String wishes, String notes, OwnHairBody ownHair, List<HeadView> heads, int version) {

    /** A head as it is shown. */
    record HeadView(UUID id, Instant takenAt, HeadBody measures) {}

    static ClientView of(Client c, List<Head> heads) {
        return new ClientView(
                c.id(),
                c.name(),
                c.wishes(),
                c.notes(),
                OwnHairBody.of(c.ownHair()),
                heads.stream()
                        .map(h -> new HeadView(h.id(), h.takenAt(), HeadBody.of(h.record())))
                        .toList(),
                c.version());
    }
}
