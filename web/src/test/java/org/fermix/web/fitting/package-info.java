/** Tests of the work of fitting. */
@NullMarked
package org.fermix.web.fitting;

import org.jspecify.annotations.NullMarked;
