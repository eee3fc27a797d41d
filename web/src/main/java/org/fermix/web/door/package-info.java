/**
 * What stands before every page: which hosts and origins are answered, how many connections and
 * bodies one address may hold, how large and how slow a body may be, and how much heavy work runs
 * at once. Start at {@link org.fermix.web.door.Door}. Knows no stop.
 */
@NullMarked
package org.fermix.web.door;

import org.jspecify.annotations.NullMarked;
