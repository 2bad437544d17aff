/** What was done by whom, where it matters who did it. */
@NullMarked
@ApplicationModule(allowedDependencies = {"db", "shared"})
package gyrotaxis.server.audit;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
