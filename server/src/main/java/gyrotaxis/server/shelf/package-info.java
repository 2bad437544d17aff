/** Hair lines and what of them is on the shelf. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "db"})
package gyrotaxis.server.shelf;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
