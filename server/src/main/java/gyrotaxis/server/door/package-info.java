/** Who may come in over the studio's network, and what was done. */
@NullMarked
@ApplicationModule(allowedDependencies = {"audit", "book", "db", "people", "requests", "shared", "text"})
package gyrotaxis.server.door;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
