/**
 * The proof: the same test of the old battery and of the new one, side by side. Start at {@link
 * org.fermix.web.proving.ProofController}; {@link org.fermix.web.proving.Proofs} puts together what
 * the core judges. Uses fitting.
 */
@NullMarked
package org.fermix.web.proving;

import org.jspecify.annotations.NullMarked;
