package org.fermix.web.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only under its own names, and lets nothing be changed from another site's pages: the
 * names are those of the settings, so that a foreign name pointed at this server finds nobody.
 * Methods no page uses are refused in words.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class OriginFilter extends OncePerRequestFilter {
  private static final Logger LOG = LoggerFactory.getLogger(OriginFilter.class);
  private static final Set<String> READING = Set.of("GET", "HEAD");
  private static final int LONGEST = 300;

  private final Set<String> hosts;

  OriginFilter(DoorSettings settings) {
    this.hosts =
        settings.hosts().stream()
            .map(host -> host.strip().toLowerCase(Locale.ROOT))
            .collect(Collectors.toSet());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!hosts.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
      LOG.warn("refused reason=host");
      response.sendError(HttpStatus.MISDIRECTED_REQUEST.value());
    } else if (READING.contains(request.getMethod())) {
      chain.doFilter(request, response);
    } else if (!"POST".equals(request.getMethod())) {
      response.setHeader(HttpHeaders.ALLOW, "GET, HEAD, POST");
      response.sendError(HttpStatus.METHOD_NOT_ALLOWED.value());
    } else if (!isFromHere(request)) {
      LOG.warn("refused reason=origin");
      response.sendError(HttpStatus.FORBIDDEN.value(), "origin");
    } else {
      chain.doFilter(request, response);
    }
  }

  /** What a browser says of the page a form was sent from; silence is left to the form's token. */
  private static boolean isFromHere(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    if (site != null && !site.equals("same-origin") && !site.equals("none")) {
      return false;
    }
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    return origin == null || authority(origin).equals(request.getHeader(HttpHeaders.HOST));
  }

  private static String authority(String origin) {
    if (origin.length() > LONGEST) {
      return "";
    }
    try {
      @Nullable String authority = URI.create(origin).getRawAuthority();
      return authority == null ? "" : authority;
    } catch (IllegalArgumentException e) {
      return "";
    }
  }
}
