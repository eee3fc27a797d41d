/**
 * What may be fitted: each document’s list against each battery, item by item, who is to be asked
 * what, and what was answered. Start at {@link org.fermix.web.permission.PermissionPage}.
 */
@NullMarked
package org.fermix.web.permission;

import org.jspecify.annotations.NullMarked;
