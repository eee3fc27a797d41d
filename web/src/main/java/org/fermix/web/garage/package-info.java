/**
 * The garage's pages: machines, and their jobs over the years. Uses job, machine, account and
 * shared.
 */
@NullMarked
package org.fermix.web.garage;

import org.jspecify.annotations.NullMarked;
