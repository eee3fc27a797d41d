/**
 * How long can it sit? Self-discharge plus drain. Start at {@link org.fermix.core.storage.Parking}.
 * Uses quantity, chemistry.
 */
@NullMarked
package org.fermix.core.storage;

import org.jspecify.annotations.NullMarked;
