/** Tests of the first page. */
@NullMarked
package org.fermix.web.first;

import org.jspecify.annotations.NullMarked;
