/**
 * An owner's machines and their jobs, and the rail of seven stops. Start at Garage. Uses account,
 * shared.
 */
@NullMarked
package org.fermix.web.garage;

import org.jspecify.annotations.NullMarked;
