/** Text as people write it: cleaned, folded for comparison, and told apart by names. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared"})
package gyrotaxis.server.text;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
