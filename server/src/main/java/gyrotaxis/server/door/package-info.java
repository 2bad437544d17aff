/** Who may come in over the studio's network, and what was done. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "requests", "db", "people", "book"})
package gyrotaxis.server.door;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
