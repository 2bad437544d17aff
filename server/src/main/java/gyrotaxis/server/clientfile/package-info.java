/** All that is kept of a client in one file, and what she agreed to. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "audit",
            "book",
            "db",
            "diary",
            "language",
            "people",
            "planning",
            "plans",
            "shared",
            "text",
            "visits"
        })
package gyrotaxis.server.clientfile;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
