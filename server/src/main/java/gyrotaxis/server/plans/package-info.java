/** Plans, patterns, methods and worksheets that are kept. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "language", "planning", "book", "shelf", "people", "db", "storage"})
package gyrotaxis.server.plans;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
