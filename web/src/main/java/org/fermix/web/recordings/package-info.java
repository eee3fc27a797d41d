/**
 * A job's recorded starts: laid in from a file or a logger, drawn over each other, and the
 * machine's own engine learnt from one. Start at Recordings. Uses check, lineup, need, garage,
 * formats, account, shared.
 */
@NullMarked
package org.fermix.web.recordings;

import org.jspecify.annotations.NullMarked;
