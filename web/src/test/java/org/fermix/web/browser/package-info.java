/** Tests in a real browser. */
@org.jspecify.annotations.NullMarked
package org.fermix.web.browser;
