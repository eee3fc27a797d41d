/**
 * Simulated instruments behind the same ports that real devices would use. Empty until the Check
 * stop asks for its first reading; the module stands so that nothing has to be moved then.
 */
@NullMarked
package org.fermix.standins;

import org.jspecify.annotations.NullMarked;
