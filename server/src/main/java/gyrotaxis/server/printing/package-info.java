/** What of a plan is printed: its papers, and the head as a cap of paper at its true size. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "shared",
            "language",
            "people",
            "shelf",
            "plans",
            "planning",
            "paper",
            "tables",
            "outside"
        })
package gyrotaxis.server.printing;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
