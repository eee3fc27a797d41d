/**
 * Jobs, one opened for a request, and the rail of its seven stops. Uses machine, account and
 * shared.
 */
@NullMarked
package org.fermix.web.job;

import org.jspecify.annotations.NullMarked;
