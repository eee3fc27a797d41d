/**
 * Does it get full again on this machine, and what does each charger do to it? Start at {@link
 * org.fermix.core.charging.ChargingVerdict} and {@link org.fermix.core.charging.ChargeJudgement}.
 * Uses quantity, chemistry.
 */
@NullMarked
package org.fermix.core.charging;

import org.jspecify.annotations.NullMarked;
