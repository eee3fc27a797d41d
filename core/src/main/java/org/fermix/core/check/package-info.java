/**
 * The stop Check: the battery under suspicion, as far as it is known. Start at Suspect. Uses
 * diagnosis, bench, electrical, label, machine.
 */
@NullMarked
package org.fermix.core.check;

import org.jspecify.annotations.NullMarked;
