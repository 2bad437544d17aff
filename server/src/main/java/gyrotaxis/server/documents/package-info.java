/** The forms in which things are kept, and the steps from every format there ever was to the newest. */
@NullMarked
@ApplicationModule(allowedDependencies = {"language", "shared"})
package gyrotaxis.server.documents;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
