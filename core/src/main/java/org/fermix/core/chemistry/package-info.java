/**
 * What kind of battery it is: the parameters of each chemistry, read from two tables. Start at
 * {@link org.fermix.core.chemistry.Chemistry}. Uses quantity. Knows nothing of any single battery.
 */
@NullMarked
package org.fermix.core.chemistry;

import org.jspecify.annotations.NullMarked;
