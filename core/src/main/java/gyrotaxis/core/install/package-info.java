/**
 * What is hooked? What is asked of the hooking, a stylist's method, and the stations that come of it.
 *
 * <p>How stations are placed, tied and turned is {@code hooking}. Start with {@link gyrotaxis.core.install.HookingBrief} and
 * {@link gyrotaxis.core.install.Station}. May import {@code foundation}, {@code knot}, {@code hair} and below.
 */
@NullMarked
package gyrotaxis.core.install;

import org.jspecify.annotations.NullMarked;
