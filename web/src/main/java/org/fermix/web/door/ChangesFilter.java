package org.fermix.web.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets only as many forms be saved at once as the database has connections to spare, so that those
 * who wait for each other wait here and not for a connection. Stands where the form has been read
 * already: nobody holds a turn by sending slowly. Files have their own bound.
 */
public final class ChangesFilter extends OncePerRequestFilter {
  private static final int AT_ONCE = 8;

  private final Turns turns = new Turns(AT_ONCE);

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String type = request.getContentType();
    return !"POST".equals(request.getMethod()) || (type != null && type.startsWith("multipart/"));
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (turns.take(response)) {
      try {
        chain.doFilter(request, response);
      } finally {
        turns.end();
      }
    }
  }
}
