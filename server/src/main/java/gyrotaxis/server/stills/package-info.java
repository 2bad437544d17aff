/** What a plan looks like worn, as a picture that was drawn once and is kept. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "db", "plans", "pictures"})
package gyrotaxis.server.stills;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
