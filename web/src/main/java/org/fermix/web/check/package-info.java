/**
 * The Check stop: readings, the fault path and the verdict. Start at {@link
 * org.fermix.web.check.Checks}. Rules and likelihoods are the core's.
 */
@NullMarked
package org.fermix.web.check;

import org.jspecify.annotations.NullMarked;
