/** Plans, looks, fills, balances and comparisons that are computed and not kept: no table, no transaction. */
@NullMarked
@ApplicationModule(allowedDependencies = {"documents", "language", "shared", "shelf", "words"})
package gyrotaxis.server.planning;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
