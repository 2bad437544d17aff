/** Who may come in over the studio's network, and what was done. */
@NullMarked
@ApplicationModule(allowedDependencies = {"text", "audit", "book", "db", "people", "requests", "shared"})
package gyrotaxis.server.door;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
