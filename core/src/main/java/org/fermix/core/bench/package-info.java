/**
 * Compare outcomes, not labels: gates and outcomes of every candidate in one set of conditions.
 * Start at {@link org.fermix.core.bench.Bench}. Uses everything before it.
 */
@NullMarked
package org.fermix.core.bench;

import org.jspecify.annotations.NullMarked;
