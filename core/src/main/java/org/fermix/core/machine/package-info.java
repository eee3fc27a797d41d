/**
 * The machine and what it needs: engine, oil, tray, maker's minimum, climate, use, charging. Start
 * at {@link org.fermix.core.machine.Need}. Uses quantity; knows nothing of batteries.
 */
@NullMarked
package org.fermix.core.machine;

import org.jspecify.annotations.NullMarked;
