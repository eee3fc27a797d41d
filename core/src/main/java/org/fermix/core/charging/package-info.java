/**
 * Does it get full again on this machine? Start at {@link
 * org.fermix.core.charging.ChargingVerdict}. Uses quantity, chemistry.
 */
@NullMarked
package org.fermix.core.charging;

import org.jspecify.annotations.NullMarked;
