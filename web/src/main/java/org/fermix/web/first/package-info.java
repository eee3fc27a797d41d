/** The first page: an answer in half a minute with typical batteries. Uses bench. */
@NullMarked
package org.fermix.web.first;

import org.jspecify.annotations.NullMarked;
