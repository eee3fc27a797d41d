package org.fermix.web.shared;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.ZoneId;
import java.util.Optional;
import org.fermix.core.quantity.UnitSystem;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/** What a browser remembers of its reader: the units chosen, and the zone it guesses. */
public final class ReaderCookies {
  private static final String UNITS = "fermix-units";

  /** Written by the page's script. */
  private static final String ZONE = "fermix-zone";

  private static final int LONGEST = 100;
  private static final Duration KEPT = Duration.ofDays(365);

  private ReaderCookies() {}

  /** Units chosen in this browser. */
  static Optional<UnitSystem> units(HttpServletRequest request) {
    return read(request, UNITS)
        .map(value -> value.equals("us") ? UnitSystem.US : UnitSystem.METRIC);
  }

  /** The browser's zone, if it says one there is. */
  static Optional<ZoneId> zone(HttpServletRequest request) {
    try {
      return read(request, ZONE)
          .map(value -> ZoneId.of(URLDecoder.decode(value, StandardCharsets.UTF_8)));
    } catch (DateTimeException | IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** Remembers the units chosen. */
  public static void writeUnits(
      HttpServletRequest request, HttpServletResponse response, UnitSystem units) {
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(UNITS, units == UnitSystem.US ? "us" : "metric")
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Lax")
            .path("/")
            .maxAge(KEPT)
            .build()
            .toString());
  }

  private static Optional<String> read(HttpServletRequest request, String name) {
    Cookie[] cookies = request.getCookies();
    if (cookies != null) {
      for (Cookie cookie : cookies) {
        if (cookie.getName().equals(name) && cookie.getValue().length() <= LONGEST) {
          return Optional.of(cookie.getValue());
        }
      }
    }
    return Optional.empty();
  }
}
