/**
 * How a learner comes on: what she tried, what she remembers of it, and what is to be asked of her next.
 *
 * <p>{@link gyrotaxis.core.training.Training} folds all that was {@link gyrotaxis.core.training.Tried} into a
 * {@link gyrotaxis.core.training.Skill} for every kind of drill. Knows no clock: whoever asks says what day it is.
 */
@NullMarked
package gyrotaxis.core.training;

import org.jspecify.annotations.NullMarked;
