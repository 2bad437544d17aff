/** One field that finds clients, plans, lines of hair and visits. Reads what others keep; keeps nothing. */
@NullMarked
@ApplicationModule(allowedDependencies = {"text", "book", "db", "plans", "shared", "shelf", "storage"})
package gyrotaxis.server.find;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
