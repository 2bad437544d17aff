/** What happens at the chair: visits, their events and pictures, and what follows from them. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "shared",
            "language",
            "db",
            "book",
            "planning",
            "plans",
            "pictures",
            "stock",
            "diary",
            "people",
            "tables"
        })
package gyrotaxis.server.visits;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
