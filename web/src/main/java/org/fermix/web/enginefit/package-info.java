/**
 * A machine's own engine, fitted from a recorded start, and the switch that lets it count. Start at
 * EngineFits. Uses recordings, check, lineup, need, machine, job, account, shared.
 */
@NullMarked
package org.fermix.web.enginefit;

import org.jspecify.annotations.NullMarked;
