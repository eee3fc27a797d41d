/**
 * What it costs over its years. Start at {@link org.fermix.core.cost.YearlyCost} for the bench and
 * {@link org.fermix.core.cost.Ownership} for purchases, extras and break-even. Uses quantity. The
 * only place where money meets a model.
 */
@NullMarked
package org.fermix.core.cost;

import org.jspecify.annotations.NullMarked;
