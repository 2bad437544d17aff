/** A made-up studio to try the product with. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "shared",
            "language",
            "shelf",
            "book",
            "plans",
            "planning",
            "visits",
            "people",
            "diary",
            "stock",
            "shopping",
            "db"
        })
package gyrotaxis.server.demo;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
