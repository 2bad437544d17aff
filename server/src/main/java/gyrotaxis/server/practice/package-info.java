/** What is there to learn on. */
@NullMarked
@ApplicationModule(allowedDependencies = {"language", "shelf", "demo"})
package gyrotaxis.server.practice;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
