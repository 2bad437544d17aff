package gyrotaxis.core.foundation;

import java.util.function.DoubleUnaryOperator;

/**
 * The strip of one row in a section's patch, as fractions across for every fraction along.
 *
 * @param left its edge toward the client's left
 * @param middle where the row runs
 * @param right its edge toward her right
 */
record Lane(DoubleUnaryOperator left, DoubleUnaryOperator middle, DoubleUnaryOperator right) {}
