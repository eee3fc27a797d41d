/**
 * What the figures printed on labels mean: the discharge test behind each cranking rating. Start at
 * {@link org.fermix.core.rating.CrankingTest}. Uses quantity.
 */
@NullMarked
package org.fermix.core.rating;

import org.jspecify.annotations.NullMarked;
