/** The head as a cap of paper at its true size: cut, taped and laid over a head, it shows where to part and to braid. */
@NullMarked
package gyrotaxis.core.papercap;

import org.jspecify.annotations.NullMarked;
