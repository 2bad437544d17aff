/** Plans: computed from a brief, and kept. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "shelf", "book", "db"})
package gyrotaxis.server.bench;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
