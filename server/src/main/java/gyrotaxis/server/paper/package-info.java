/** What is written on paper: pages made from templates, as PDF with the product's own fonts in it. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "text"})
package gyrotaxis.server.paper;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
