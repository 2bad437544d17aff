/** Methods that stylists keep under a name. */
@NullMarked
@ApplicationModule(allowedDependencies = {"db", "documents", "language", "shared"})
package gyrotaxis.server.methods;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
