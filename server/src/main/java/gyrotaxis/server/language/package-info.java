/** The JSON form of a plan's brief and of all its parts. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared"})
package gyrotaxis.server.language;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
