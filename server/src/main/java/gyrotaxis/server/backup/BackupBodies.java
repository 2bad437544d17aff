package gyrotaxis.server.backup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is asked and answered of backups. */
final class BackupBodies {
    private BackupBodies() {}

    /** What is wished. @param folder in full; empty for nowhere */
    record BackupWishBody(
            @Nullable String folder,
            @Nullable BackupInterval every,
            @Nullable Integer kept) {
        static BackupWishBody of(BackupSettings wish) {
            return new BackupWishBody(wish.folder(), wish.every(), wish.kept());
        }
    }

    record EveryView(BackupInterval id, String words) {
        static EveryView of(BackupInterval every) {
            return new EveryView(every, every.words());
        }
    }

    /**
     * A file that is there.
     *
     * @param held what it holds; null if that cannot be read
     * @param trouble why not; empty if it can
     */
    record BackupView(
            String name,
            long bytes,
            Instant madeAt,

            @Nullable @Schema(nullable = true) BackupContents held,

            String trouble) {}

    /** One that is being made. @param fraction how much of this stage is done, 0 to 1 */
    record RunningView(String stage, double fraction) {}

    /**
     * All there is to say.
     *
     * @param trouble what went wrong the last time; empty if nothing did
     * @param isSealed whether the files are sealed as the book is
     */
    record BackupsView(
            BackupWishBody wish,
            List<EveryView> choices,
            List<BackupView> there,

            @Nullable @Schema(nullable = true) RunningView running,

            String trouble,

            @Nullable @Schema(nullable = true) Instant troubleAt,

            boolean isSealed) {}
}
