/**
 * The stand-in tester and logger of a job: simulated instruments behind the ports that real devices
 * would use. Start at StandIns. Uses recordings, check, lineup, job, account, shared.
 */
@NullMarked
package org.fermix.web.instruments;

import org.jspecify.annotations.NullMarked;
