/** The third stop: candidates, each a label. Uses garage, need. */
@NullMarked
package org.fermix.web.lineup;

import org.jspecify.annotations.NullMarked;
