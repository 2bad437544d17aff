package gyrotaxis.core.wear;

import gyrotaxis.core.install.OtherHair;

/**
 * How hair that is not hooked lies and hangs.
 *
 * @param hair a piece of weft, or own hair that was left out
 */
public record FallenOther(OtherHair hair, Fall fall) {}
