package org.fermix.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.fermix.web.shared.Preferences;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Says which garage a request works in, from its cookies; the server keeps no session. */
class VisitorFilter extends OncePerRequestFilter {
  private final Accounts accounts;

  VisitorFilter(Accounts accounts) {
    this.accounts = accounts;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    visitor(request)
        .ifPresent(
            visitor -> {
              SecurityContext context = SecurityContextHolder.createEmptyContext();
              context.setAuthentication(
                  UsernamePasswordAuthenticationToken.authenticated(
                      visitor, "", AuthorityUtils.NO_AUTHORITIES));
              SecurityContextHolder.setContext(context);
              request.setAttribute(Preferences.class.getName(), visitor.preferences());
            });
    chain.doFilter(request, response);
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return request.getRequestURI().startsWith("/assets/");
  }

  private Optional<Visitor> visitor(HttpServletRequest request) {
    if (GarageCookies.read(request, GarageCookies.OPEN)
        .filter(GarageCookies.DEMO::equals)
        .isPresent()) {
      return accounts.demo();
    }
    return GarageCookies.read(request, GarageCookies.KEY).flatMap(accounts::guest);
  }
}
