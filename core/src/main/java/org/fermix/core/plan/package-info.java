/**
 * What to do and when: the lay-up of one battery with its recharge dates. Start at {@link
 * org.fermix.core.plan.LayUp}. Uses storage and charging. Days are handed in; there is no clock.
 */
@NullMarked
package org.fermix.core.plan;

import org.jspecify.annotations.NullMarked;
