/** Loads the demo garage once. Uses every stop's public class. */
@NullMarked
package org.fermix.web.demo;

import org.jspecify.annotations.NullMarked;
