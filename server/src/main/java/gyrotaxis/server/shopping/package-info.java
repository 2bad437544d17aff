/** What is to be bought for what stands in the book, and what happens if it comes late. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "book",
            "db",
            "diary",
            "language",
            "orders",
            "paper",
            "people",
            "planning",
            "plans",
            "shared",
            "shelf",
            "stock",
            "tables"
        })
package gyrotaxis.server.shopping;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
