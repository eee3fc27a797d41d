package org.fermix.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.DefaultCsrfToken;

/**
 * The token of each form: signed over a cookie of this browser and the garage that is open in it,
 * so that a token from anywhere else is worth nothing here even where the cookie was planted. The
 * server keeps nothing.
 */
final class FormTokens implements CsrfTokenRepository {
  private static final String HEADER = "X-CSRF-TOKEN";
  private static final String PARAMETER = "_csrf";
  private static final String NEW = FormTokens.class.getName();

  private final GarageCookies cookies;
  private final Instance instance;

  FormTokens(GarageCookies cookies, Instance instance) {
    this.cookies = cookies;
    this.instance = instance;
  }

  @Override
  public CsrfToken generateToken(HttpServletRequest request) {
    String seed = instance.key();
    request.setAttribute(NEW, seed);
    return token(request, seed);
  }

  @Override
  public void saveToken(
      @Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
    if (token != null && request.getAttribute(NEW) instanceof String seed) {
      cookies.write(request, response, GarageCookies.Use.FORMS, seed);
    }
  }

  @Override
  public @Nullable CsrfToken loadToken(HttpServletRequest request) {
    return cookies
        .read(request, GarageCookies.Use.FORMS)
        .map(seed -> token(request, seed))
        .orElse(null);
  }

  private CsrfToken token(HttpServletRequest request, String seed) {
    String garage =
        request.getAttribute(Visitor.class.getName()) instanceof Visitor visitor
            ? visitor.garageId().toString()
            : "none";
    return new DefaultCsrfToken(HEADER, PARAMETER, instance.signed(seed + " " + garage));
  }
}
