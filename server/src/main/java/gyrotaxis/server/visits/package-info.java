/** What happens at the chair: visits, their events and pictures, and what follows from them. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "book",
            "db",
            "diary",
            "documents",
            "language",
            "people",
            "pictures",
            "planning",
            "plans",
            "shared",
            "stock",
            "tables"
        })
package gyrotaxis.server.visits;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
