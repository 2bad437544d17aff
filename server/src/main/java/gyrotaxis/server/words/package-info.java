/** What can be chosen: the words, order, limits and defaults of every choice, told once. Keeps nothing. */
@NullMarked
@ApplicationModule(allowedDependencies = {"documents", "language", "shared"})
package gyrotaxis.server.words;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
