/** Plans, patterns, methods and worksheets that are kept. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "text",
            "book",
            "db",
            "documents",
            "language",
            "methods",
            "people",
            "planning",
            "shared",
            "shelf",
            "storage"
        })
package gyrotaxis.server.plans;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
