/**
 * What is there to say about a plan? Each in quantities, with its place and, where it can be mended, its remedy.
 *
 * <p>Start with {@link gyrotaxis.core.findings.Findings}. May import {@code plan} and below.
 */
@NullMarked
package gyrotaxis.core.findings;

import org.jspecify.annotations.NullMarked;
