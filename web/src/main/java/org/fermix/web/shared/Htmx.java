package org.fermix.web.shared;

import jakarta.servlet.http.HttpServletRequest;

/** Whether a request comes from htmx and wants a part of a page. */
public record Htmx(boolean wantsPart) {
  /** True when htmx sent the request. */
  public static boolean isHtmx(HttpServletRequest request) {
    return "true".equals(request.getHeader("HX-Request"));
  }
}
