/** What is kept as files that carry all that they rest upon, for another book or this one. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {"shared", "language", "planning", "plans", "patterns", "people", "shelf", "visits"})
package gyrotaxis.server.exchange;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
