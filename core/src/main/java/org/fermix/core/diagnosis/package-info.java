/**
 * Is it the battery at all? Start at {@link org.fermix.core.diagnosis.Diagnosis}: from whatever
 * readings exist to the likelihood of each cause, and the next reading worth taking; then {@link
 * org.fermix.core.diagnosis.Verdict}. Each reading is judged by a class of its own. Uses quantity,
 * chemistry, rating, label, machine, electrical, storage, charging, life. Knows nothing of
 * candidates.
 */
@NullMarked
package org.fermix.core.diagnosis;

import org.jspecify.annotations.NullMarked;
