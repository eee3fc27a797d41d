/**
 * Files that come in. Start at {@link org.fermix.web.formats.CrankCsv}. An import says line and
 * column, and takes all or nothing.
 */
@NullMarked
package org.fermix.web.formats;

import org.jspecify.annotations.NullMarked;
