/**
 * Simulated instruments and machines behind them, for practice, demo and tests. Start at {@link
 * org.fermix.standins.HiddenMachine}. Uses core; the core knows nothing of it.
 */
@NullMarked
package org.fermix.standins;

import org.jspecify.annotations.NullMarked;
