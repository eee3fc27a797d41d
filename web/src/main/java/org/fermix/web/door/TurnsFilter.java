package org.fermix.web.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Lets only a few pages that calculate be worked on at once, in the order they were asked for: a
 * crowd on the bench is served no slower for it, and whoever opens another page does not stand
 * behind all of them. A turn ends before the page is sent, so that nobody can hold one by reading
 * slowly; and only so many wait, so that threads are left for everything else.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class TurnsFilter extends OncePerRequestFilter {
  private static final String JOBS = "/jobs/";
  private static final int FOR_EACH_PROCESSOR = 2;

  private final Turns turns =
      new Turns(FOR_EACH_PROCESSOR * Runtime.getRuntime().availableProcessors());

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    // The first page is ready-made until somebody asks it about a machine.
    boolean calculates =
        request.getRequestURI().startsWith(JOBS)
            || (request.getRequestURI().equals("/") && request.getQueryString() != null);
    boolean reads = "GET".equals(request.getMethod()) || "HEAD".equals(request.getMethod());
    return !reads || !calculates;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!turns.take(response)) {
      return;
    }
    ContentCachingResponseWrapper page = new ContentCachingResponseWrapper(response);
    try {
      chain.doFilter(request, page);
    } finally {
      turns.end();
    }
    page.copyBodyToResponse();
  }
}
