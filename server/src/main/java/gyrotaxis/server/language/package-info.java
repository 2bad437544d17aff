/** The language of what is asked and what is kept: the bodies of requests, the forms in which things are kept, and the
 * steps from every format there ever was to the newest. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared"})
package gyrotaxis.server.language;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
