/**
 * What every page shares: how quantities are shown and typed, forms, scales for drawings, htmx.
 * Knows no stop.
 */
@NullMarked
package org.fermix.web.shared;

import org.jspecify.annotations.NullMarked;
