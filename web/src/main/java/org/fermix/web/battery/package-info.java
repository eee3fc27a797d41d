/**
 * Batteries as things one can hold, what their labels say, and what sellers ask for them. Uses
 * account, garage and shared.
 */
@NullMarked
package org.fermix.web.battery;

import org.jspecify.annotations.NullMarked;
