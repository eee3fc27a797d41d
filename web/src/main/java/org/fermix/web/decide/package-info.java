/** The fifth stop: the recommendation in sentences. Uses bench. */
@NullMarked
package org.fermix.web.decide;

import org.jspecify.annotations.NullMarked;
