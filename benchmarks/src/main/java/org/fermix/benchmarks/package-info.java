/** How fast the core is; run by {@code ./fermix bench}, reported in docs/performance.md. */
@NullMarked
package org.fermix.benchmarks;

import org.jspecify.annotations.NullMarked;
