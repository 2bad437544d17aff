package gyrotaxis.server.book;

import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.language.OwnHairBody;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/**
 * A client as she is written down.
 *
 * @param head her head as measured now; null keeps the one there is
 * @param version the version this was read with; 0 for a new client
 */
record ClientBody(
        @Nullable String name,
        @Nullable String wishes,
        @Nullable String notes,
        @Nullable OwnHairBody ownHair,
        @Nullable @Schema(nullable = true) HeadBody head,
        int version) {
    /** What was written down, checked. */
    record Checked(
            String name,
            String wishes,
            String notes,
            OwnHair ownHair,
            @Nullable HeadRecord head) {}

    /** The checked entries, or all that is wrong with them. */
    Checked check(boolean needsHead) {
        Fields f = new Fields();
        String checkedName = f.text("name", "The name", name, Client.MAX_NAME_LENGTH);
        String checkedWishes = f.lines("wishes", "What she wants", wishes, Client.MAX_WISHES_LENGTH);
        String checkedNotes = f.lines("notes", "The note", notes, Client.MAX_NOTES_LENGTH);
        OwnHair own = ownHair == null ? OwnHair.ordinary() : ownHair.check(f, "ownHair.");
        HeadRecord measures = head == null ? null : head.check(f, "head.");
        if (head == null && needsHead) {
            f.problem("head", "Her measures are missing.");
        }
        return f.orRefuse(() -> new Checked(checkedName, checkedWishes, checkedNotes, own, measures));
    }
}
