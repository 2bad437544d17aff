/** Hair and what of it is on the shelf. */
@NullMarked
@ApplicationModule(allowedDependencies = {"db", "language", "people", "shared", "stock", "tables", "text"})
package gyrotaxis.server.shelf;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
