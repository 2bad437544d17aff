/** Clients and their heads. */
@NullMarked
@ApplicationModule(allowedDependencies = {"audit", "db", "documents", "language", "shared", "text"})
package gyrotaxis.server.book;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
