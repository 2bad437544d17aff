/** What visits teach: kept visit by visit, and drawn together whenever it is asked for. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {"shared", "language", "db", "people", "visits", "plans", "planning", "shelf", "stock"})
package gyrotaxis.server.learning;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
