/**
 * What every figure is made of: units at the edge, ranges, uncertainty bands, and the working that
 * any figure can be opened to. Start at {@link org.fermix.core.quantity.Figure}. Uses nothing else
 * of the core.
 */
@NullMarked
package org.fermix.core.quantity;

import org.jspecify.annotations.NullMarked;
