/** Stored documents: their formats, and the steps from each format to the newest. */
@NullMarked
@ApplicationModule(allowedDependencies = {"language", "shared"})
package gyrotaxis.server.documents;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
