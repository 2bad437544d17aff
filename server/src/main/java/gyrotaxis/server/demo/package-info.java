/**
 * A made-up studio to try the product with.
 *
 * <p>Start with {@link gyrotaxis.server.demo.DemoStart}. The studio is a book in a file, {@code demo/studio.zip}; the tests hold what
 * wrote it, and {@code ./gyrotaxis demo-book} writes it anew.
 */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "language", "shelf", "storage", "backup"})
package gyrotaxis.server.demo;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
