/**
 * The whole book as one file that any program reads: made while work goes on, by hand and by itself, and put back.
 *
 * <p>Start with {@link gyrotaxis.server.backup.Manifest}. Knows tables, columns and pictures, and nothing of what they mean.
 */
@NullMarked
@ApplicationModule(allowedDependencies = {"audit", "db", "documents", "language", "shared", "storage", "text"})
package gyrotaxis.server.backup;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
