/** The sixth stop: the work of fitting, step by step. Uses decide. */
@NullMarked
package org.fermix.web.fitting;

import org.jspecify.annotations.NullMarked;
