/**
 * Which one to take, why, and what would change the answer. Start at {@link
 * org.fermix.core.decision.Decision}; {@link org.fermix.core.decision.Futures} counts plausible
 * futures and {@link org.fermix.core.decision.Shortlist} judges a whole catalogue. Uses bench.
 * Gates come before weights: nothing buys a failed gate back.
 */
@NullMarked
package org.fermix.core.decision;

import org.jspecify.annotations.NullMarked;
