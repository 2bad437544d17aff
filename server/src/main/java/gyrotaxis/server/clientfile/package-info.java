/** All that is kept of a client in one file, and what she agreed to. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {"shared", "language", "db", "book", "diary", "people", "plans", "planning", "visits"})
package gyrotaxis.server.clientfile;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
