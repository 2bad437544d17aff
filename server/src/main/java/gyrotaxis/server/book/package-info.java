/** Clients and their heads. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "language", "db"})
package gyrotaxis.server.book;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
