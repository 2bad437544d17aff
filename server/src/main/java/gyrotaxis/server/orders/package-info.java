/**
 * What is ordered of suppliers, what they say, and what comes of it.
 *
 * <p>Start with {@link gyrotaxis.server.orders.Supplier}, the interface behind which a stand-in ships.
 */
@NullMarked
@ApplicationModule(allowedDependencies = {"db", "language", "outside", "people", "shared", "shelf", "stock"})
package gyrotaxis.server.orders;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
