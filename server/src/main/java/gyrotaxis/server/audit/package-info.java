/** The audit log: who did what, for actions on personal data and on access. */
@NullMarked
@ApplicationModule(allowedDependencies = {"db", "shared"})
package gyrotaxis.server.audit;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
