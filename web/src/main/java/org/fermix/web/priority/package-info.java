/**
 * What an owner weighs and wishes, and the schools followed where practice divides. Start at {@link
 * org.fermix.web.priority.Priorities}.
 */
@NullMarked
package org.fermix.web.priority;

import org.jspecify.annotations.NullMarked;
