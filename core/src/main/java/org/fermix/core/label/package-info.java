/**
 * What one battery's label says, and what is assumed where it is silent. Start at {@link
 * org.fermix.core.label.Label}. Uses quantity, chemistry, rating.
 */
@NullMarked
package org.fermix.core.label;

import org.jspecify.annotations.NullMarked;
