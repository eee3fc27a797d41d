/**
 * The stages every drawing stands on: Scale, Ticks, Path, Labels; and what every drawing carries:
 * its numbers as a table and itself as a file, Drawing. Start at Drawing. Uses shared.
 */
@NullMarked
package org.fermix.web.chart;

import org.jspecify.annotations.NullMarked;
