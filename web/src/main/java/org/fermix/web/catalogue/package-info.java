/** Batteries to choose from: which go in, do what is asked, and by how much the rest miss. */
@NullMarked
package org.fermix.web.catalogue;

import org.jspecify.annotations.NullMarked;
