/** Pictures as they are kept, whoever keeps them. */
@NullMarked
@ApplicationModule(allowedDependencies = "shared")
package gyrotaxis.server.pictures;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
