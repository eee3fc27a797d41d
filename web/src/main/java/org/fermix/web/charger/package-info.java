/** Chargers and maintainers a garage owns. Uses job. */
@NullMarked
package org.fermix.web.charger;

import org.jspecify.annotations.NullMarked;
