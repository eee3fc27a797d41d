/**
 * Is this battery allowed here? A conditional approval's checklist, matched item by item against
 * what a data sheet states. Start at {@link org.fermix.core.permission.Checklist}. Uses quantity,
 * chemistry.
 */
@NullMarked
package org.fermix.core.permission;

import org.jspecify.annotations.NullMarked;
