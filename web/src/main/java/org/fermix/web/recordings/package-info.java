/**
 * A machine's recorded starts: laid in from a file or a logger, and drawn over each other. Start at
 * Recordings. Uses check, lineup, need, garage, formats, account, shared.
 */
@NullMarked
package org.fermix.web.recordings;

import org.jspecify.annotations.NullMarked;
