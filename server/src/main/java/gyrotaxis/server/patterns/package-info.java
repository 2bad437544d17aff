/** Foundations that are kept by name; being parameters, they fit themselves to any head. */
@NullMarked
@ApplicationModule(allowedDependencies = {"db", "documents", "language", "shared"})
package gyrotaxis.server.patterns;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
