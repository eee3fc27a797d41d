package org.fermix.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import org.fermix.web.shared.GarageMark;
import org.fermix.web.shared.Preferences;
import org.springframework.dao.DataAccessException;
import org.springframework.security.authentication.InsufficientAuthenticationException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says which garage a request works in, from its cookies; the server keeps no session. A body from
 * somebody without a garage is not read, but where one is opened.
 */
class VisitorFilter extends OncePerRequestFilter {
  /** Where forms are sent without a garage. */
  static final Set<String> OPEN_TO_ALL =
      Set.of("/garage/open-demo", "/garage/open-own", "/garage/bring", "/first/keep", "/units");

  private final Accounts accounts;
  private final GarageCookies cookies;
  private final AuthenticationEntryPoint wayIn;

  VisitorFilter(Accounts accounts, GarageCookies cookies, AuthenticationEntryPoint wayIn) {
    this.accounts = accounts;
    this.cookies = cookies;
    this.wayIn = wayIn;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Optional<Visitor> visitor = findVisitor(request);
    if (visitor.isEmpty()
        && "POST".equals(request.getMethod())
        && !OPEN_TO_ALL.contains(request.getRequestURI())) {
      wayIn.commence(
          request, response, new InsufficientAuthenticationException("no garage is open"));
      return;
    }
    visitor.ifPresent(found -> let(found, request));
    chain.doFilter(request, response);
  }

  private Optional<Visitor> findVisitor(HttpServletRequest request) {
    try {
      return visitor(request);
    } catch (DataAccessException | TransactionException e) {
      // Read now, while it is bounded, so that the page that says so can keep what was typed.
      request.getParameterMap();
      throw e;
    }
  }

  private static void let(Visitor visitor, HttpServletRequest request) {
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            visitor, "", AuthorityUtils.NO_AUTHORITIES));
    SecurityContextHolder.setContext(context);
    request.setAttribute(Preferences.class.getName(), visitor.preferences());
    request.setAttribute(Visitor.class.getName(), visitor);
    request.setAttribute(GarageMark.class.getName(), GarageMark.of(visitor.garageId()));
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return request.getRequestURI().startsWith("/assets/");
  }

  private Optional<Visitor> visitor(HttpServletRequest request) {
    boolean demo = cookies.isDemoOpen(request);
    return cookies
        .read(request, demo ? GarageCookies.Use.DEMO_KEY : GarageCookies.Use.OWN_KEY)
        .flatMap(key -> accounts.visitor(key, demo, !"POST".equals(request.getMethod())));
  }
}
