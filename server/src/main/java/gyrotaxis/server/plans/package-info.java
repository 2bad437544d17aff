/** Plans, patterns, methods and worksheets that are kept. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "book",
            "db",
            "documents",
            "language",
            "methods",
            "people",
            "planning",
            "shared",
            "shelf",
            "storage",
            "text"
        })
package gyrotaxis.server.plans;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
