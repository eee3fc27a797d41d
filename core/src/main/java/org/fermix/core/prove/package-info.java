/**
 * What tests and recordings prove: the features of a recorded start, and health over repeated
 * tests. Start at {@link org.fermix.core.prove.CrankFeatures} and {@link
 * org.fermix.core.prove.HealthTrend}. Uses quantity, machine, electrical. Knows nothing of files.
 */
@NullMarked
package org.fermix.core.prove;

import org.jspecify.annotations.NullMarked;
