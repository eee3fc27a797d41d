package org.fermix.web.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/**
 * The cookies: the key to one's own garage, the key to one's copy of the demo, and which of them is
 * open. Their names carry the instance's, and {@code __Host-} behind TLS (RFC 6265bis, section
 * 4.1.3.2), so that no neighbour can set or overwrite them.
 */
@Component
class GarageCookies {
  private static final int LONGEST = 100;
  private static final Duration KEPT = Duration.ofDays(365);

  /** What a cookie is for. */
  enum Use {
    OWN_KEY("own"),
    DEMO_KEY("demo"),
    /** Holds “demo” where that is open. */
    OPEN("open"),
    /** What a form's token is made from. */
    FORMS("forms");

    private final String word;

    Use(String word) {
      this.word = word;
    }
  }

  private static final String DEMO = "demo";

  private final Instance instance;

  GarageCookies(Instance instance) {
    this.instance = instance;
  }

  private String name(HttpServletRequest request, Use use) {
    return (request.isSecure() ? "__Host-" : "") + "fermix-" + instance.name() + "-" + use.word;
  }

  Optional<String> read(HttpServletRequest request, Use use) {
    Cookie[] cookies = request.getCookies();
    if (cookies == null) {
      return Optional.empty();
    }
    String name = name(request, use);
    for (Cookie cookie : cookies) {
      String value = cookie.getValue();
      if (cookie.getName().equals(name) && !value.isBlank() && value.length() <= LONGEST) {
        return Optional.of(value);
      }
    }
    return Optional.empty();
  }

  /** True where the demo is open. */
  boolean isDemoOpen(HttpServletRequest request) {
    return read(request, Use.OPEN).filter(DEMO::equals).isPresent();
  }

  /** Opens the demo or one's own garage in this browser. */
  void open(HttpServletRequest request, HttpServletResponse response, boolean demo) {
    write(request, response, Use.OPEN, demo ? DEMO : "own");
  }

  void write(HttpServletRequest request, HttpServletResponse response, Use use, String value) {
    put(request, response, use, value, KEPT);
  }

  void clear(HttpServletRequest request, HttpServletResponse response, Use use) {
    put(request, response, use, "", Duration.ZERO);
  }

  private void put(
      HttpServletRequest request,
      HttpServletResponse response,
      Use use,
      String value,
      Duration kept) {
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(name(request, use), value)
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Lax")
            .path("/")
            .maxAge(kept)
            .build()
            .toString());
  }
}
