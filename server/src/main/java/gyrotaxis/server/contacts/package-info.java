/** Clients as cards, for address books elsewhere and out of them. */
@NullMarked
@ApplicationModule(allowedDependencies = {"text", "shared", "book", "tables"})
package gyrotaxis.server.contacts;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
