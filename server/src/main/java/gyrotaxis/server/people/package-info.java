/** The studio, its chairs and who works at them. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "db"})
package gyrotaxis.server.people;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
