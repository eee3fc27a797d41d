/** The web application: one package for each stop of the job and each place. */
@NullMarked
package org.fermix.web;

import org.jspecify.annotations.NullMarked;
