/** Cases and terminals: the words a tray and a battery are both measured in. Uses quantity. */
@NullMarked
package org.fermix.core.casing;

import org.jspecify.annotations.NullMarked;
