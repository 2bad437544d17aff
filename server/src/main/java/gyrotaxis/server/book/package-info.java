/** Clients and their heads. */
@NullMarked
@ApplicationModule(allowedDependencies = {"text", "audit", "db", "documents", "language", "shared"})
package gyrotaxis.server.book;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
