/** What is to be bought for what stands in the book, and what happens if it comes late. */
@NullMarked
@ApplicationModule(
        allowedDependencies = {
            "shared",
            "language",
            "db",
            "book",
            "people",
            "diary",
            "plans",
            "planning",
            "shelf",
            "stock",
            "orders",
            "paper",
            "tables"
        })
package gyrotaxis.server.shopping;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
