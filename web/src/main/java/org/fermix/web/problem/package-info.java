/** What is shown when something goes wrong: unknown addresses, refused requests, our own faults. */
@NullMarked
package org.fermix.web.problem;

import org.jspecify.annotations.NullMarked;
