/** Learners, what they practised, and how far they are. */
@NullMarked
package gyrotaxis.server.practice.learner;

import org.jspecify.annotations.NullMarked;
