/**
 * The documents that say what may be fitted to a machine: kept, revised, removed. What they mean
 * for each battery stands in {@code permission}.
 */
@NullMarked
package org.fermix.web.approval;

import org.jspecify.annotations.NullMarked;
