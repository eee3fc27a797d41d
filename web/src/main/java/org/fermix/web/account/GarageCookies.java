package org.fermix.web.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/** The two cookies: the key to a guest's own garage, and which garage is open. */
final class GarageCookies {
  static final String KEY = "fermix-garage";
  static final String OPEN = "fermix-open";
  static final String DEMO = "demo";
  static final String OWN = "own";
  private static final Duration KEPT = Duration.ofDays(365);

  private GarageCookies() {}

  static Optional<String> read(HttpServletRequest request, String name) {
    Cookie[] cookies = request.getCookies();
    if (cookies == null) {
      return Optional.empty();
    }
    for (Cookie cookie : cookies) {
      if (cookie.getName().equals(name) && !cookie.getValue().isBlank()) {
        return Optional.of(cookie.getValue());
      }
    }
    return Optional.empty();
  }

  static void write(
      HttpServletRequest request, HttpServletResponse response, String name, String value) {
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(name, value)
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Lax")
            .path("/")
            .maxAge(KEPT)
            .build()
            .toString());
  }
}
