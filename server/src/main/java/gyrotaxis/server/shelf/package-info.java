/** Hair and what of it is on the shelf. */
@NullMarked
@ApplicationModule(allowedDependencies = {"text", "shared", "language", "db", "stock", "people", "tables"})
package gyrotaxis.server.shelf;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
