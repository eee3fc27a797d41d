/**
 * Practice: a hidden fault to find in as few readings as one can, and how one's path compares with
 * the most informative one. Start at Rounds. Uses check, account, shared.
 */
@NullMarked
package org.fermix.web.practice;

import org.jspecify.annotations.NullMarked;
