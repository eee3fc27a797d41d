/** Loads the garage that every visitor's demo is copied from. Uses every stop's public class. */
@NullMarked
package org.fermix.web.demo;

import org.jspecify.annotations.NullMarked;
