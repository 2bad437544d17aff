/**
 * What the database stands on: its folder, the room there, and what is said when either fails.
 *
 * <p>Start with {@link gyrotaxis.server.storage.StorageGuard}. Knows nothing of what is kept.
 */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "db"})
package gyrotaxis.server.storage;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
