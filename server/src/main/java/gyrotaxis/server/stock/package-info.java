/** All that came onto the shelf and left it, and what is there by that. Knows lines by their ids alone. */
@NullMarked
@ApplicationModule(allowedDependencies = {"db", "shared"})
package gyrotaxis.server.stock;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
