/**
 * What trains hand and eye: what a drill asks and shows, how it is answered and what an answer is worth, and what comes of a knot that is
 * tried.
 *
 * <p>A {@link gyrotaxis.core.practice.Drill} is made in {@code drilling}; its {@link gyrotaxis.core.practice.Key} judges an
 * {@link gyrotaxis.core.practice.Answer}.
 */
@NullMarked
package gyrotaxis.core.practice;

import org.jspecify.annotations.NullMarked;
