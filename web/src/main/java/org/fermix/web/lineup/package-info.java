/** The third stop: candidates, each a label. Uses battery, need, job. */
@NullMarked
package org.fermix.web.lineup;

import org.jspecify.annotations.NullMarked;
