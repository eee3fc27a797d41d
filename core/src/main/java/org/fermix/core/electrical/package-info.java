/**
 * Will this battery turn this engine? The battery's circuit, calibrated from its rating, and the
 * steady cranking of starter and engine. Start at {@link org.fermix.core.electrical.BatteryCircuit}
 * and {@link org.fermix.core.electrical.Cranking}. Uses quantity, chemistry, rating, label,
 * machine.
 */
@NullMarked
package org.fermix.core.electrical;

import org.jspecify.annotations.NullMarked;
