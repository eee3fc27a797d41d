/** Tests of the proof. */
@NullMarked
package org.fermix.web.proving;

import org.jspecify.annotations.NullMarked;
