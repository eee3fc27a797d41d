/** The second stop: what the machine requires. Uses job. */
@NullMarked
package org.fermix.web.need;

import org.jspecify.annotations.NullMarked;
