/** What the tests of all modules share. Start with {@link gyrotaxis.testing.Each}. */
@NullMarked
package gyrotaxis.testing;

import org.jspecify.annotations.NullMarked;
