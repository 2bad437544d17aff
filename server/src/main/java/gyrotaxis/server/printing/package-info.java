/** What of a plan is printed: its papers, and the head as a cap of paper at its true size. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "language",
            "outside",
            "paper",
            "people",
            "planning",
            "plans",
            "shared",
            "shelf",
            "tables"
        })
package gyrotaxis.server.printing;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
