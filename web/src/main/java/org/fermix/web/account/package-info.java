/**
 * Who the visitor is: guests with a private garage tied to a cookie, and the one demo garage. Uses
 * shared.
 */
@NullMarked
package org.fermix.web.account;

import org.jspecify.annotations.NullMarked;
