/**
 * What it costs over its years. Start at {@link org.fermix.core.cost.Ownership}; {@link
 * org.fermix.core.cost.Renewals} counts the batteries bought. Uses quantity. The only place where
 * money meets a model.
 */
@NullMarked
package org.fermix.core.cost;

import org.jspecify.annotations.NullMarked;
