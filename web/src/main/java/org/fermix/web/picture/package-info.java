/**
 * The pictures of the bench: every candidate as a line over one axis, with what is asked, a line to
 * read at, and the figures behind. Start at Pictures; Plot draws. Uses chart and shared.
 */
@NullMarked
package org.fermix.web.picture;

import org.jspecify.annotations.NullMarked;
