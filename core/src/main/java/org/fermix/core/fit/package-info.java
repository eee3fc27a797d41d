/** Does it go into the tray? Start at {@link org.fermix.core.fit.Fit}. Uses label, machine. */
@NullMarked
package org.fermix.core.fit;

import org.jspecify.annotations.NullMarked;
