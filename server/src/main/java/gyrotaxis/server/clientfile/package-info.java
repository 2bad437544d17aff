/** All that is kept of a client in one file, and what she agreed to. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "text",
            "audit",
            "book",
            "db",
            "diary",
            "language",
            "people",
            "planning",
            "plans",
            "shared",
            "visits"
        })
package gyrotaxis.server.clientfile;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
