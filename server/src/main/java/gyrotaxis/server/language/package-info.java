/** The bodies of requests that name a plan and what it is made of. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared"})
package gyrotaxis.server.language;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
