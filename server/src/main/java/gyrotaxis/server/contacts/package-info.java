/** Clients as cards, for address books elsewhere and out of them. */
@NullMarked
@ApplicationModule(allowedDependencies = {"book", "shared", "tables", "text"})
package gyrotaxis.server.contacts;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
