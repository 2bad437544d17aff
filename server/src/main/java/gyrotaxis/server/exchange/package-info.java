/** What is kept as files that carry all that they rest upon, for another book or this one. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "documents",
            "language",
            "methods",
            "patterns",
            "people",
            "planning",
            "plans",
            "shared",
            "shelf",
            "text",
            "visits"
        })
package gyrotaxis.server.exchange;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
