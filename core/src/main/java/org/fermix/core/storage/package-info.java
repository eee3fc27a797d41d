/**
 * How long can it sit? Self-discharge plus drain. Start at {@link org.fermix.core.storage.Parking}
 * for one temperature and {@link org.fermix.core.storage.Storage} for the seasons. Uses quantity,
 * chemistry.
 */
@NullMarked
package org.fermix.core.storage;

import org.jspecify.annotations.NullMarked;
