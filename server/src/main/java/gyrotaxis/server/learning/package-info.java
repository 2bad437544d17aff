/** What visits teach: kept visit by visit, and drawn together whenever it is asked for. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "db",
            "documents",
            "language",
            "people",
            "planning",
            "plans",
            "shared",
            "shelf",
            "stock",
            "visits",
            "visits::followup"
        })
package gyrotaxis.server.learning;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
