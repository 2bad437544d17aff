/** What is there to learn on, who learns, and how far each is. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {"db", "demo", "documents", "language", "paper", "people", "planning", "shared", "shelf"})
package gyrotaxis.server.practice;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
