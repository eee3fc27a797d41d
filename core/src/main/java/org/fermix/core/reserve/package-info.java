/**
 * How long can things run with the engine off, and still start? Start at {@link
 * org.fermix.core.reserve.EngineOff}. Uses quantity, chemistry, electrical.
 */
@NullMarked
package org.fermix.core.reserve;

import org.jspecify.annotations.NullMarked;
