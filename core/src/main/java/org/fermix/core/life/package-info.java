/**
 * How many years it lasts in this use and heat. Start at {@link org.fermix.core.life.LifeEstimate}.
 * Uses quantity, chemistry, machine.
 */
@NullMarked
package org.fermix.core.life;

import org.jspecify.annotations.NullMarked;
