/**
 * Machines as their owners described them, and what a recorded start tells of their engines. Uses
 * account and shared.
 */
@NullMarked
package org.fermix.web.machine;

import org.jspecify.annotations.NullMarked;
