/** What is there to learn on, who learns, and how far each is. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "db", "language", "shelf", "people", "demo", "planning", "paper"})
package gyrotaxis.server.practice;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
