/** One field that finds clients, plans, lines of hair and visits. Reads what others keep; keeps nothing. */
@NullMarked
@ApplicationModule(allowedDependencies = {"book", "db", "plans", "shared", "shelf", "storage", "text"})
package gyrotaxis.server.find;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
