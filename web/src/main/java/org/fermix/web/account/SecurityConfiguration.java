package org.fermix.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.fermix.web.shared.Htmx;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/** Who may see what, and what a page may load. */
@Configuration
class SecurityConfiguration {
  private static final String CONTENT_POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self';"
          + " img-src 'self' data:; connect-src 'self'; form-action 'self';"
          + " frame-ancestors 'none'; base-uri 'none'";

  @Bean
  SecurityFilterChain pages(HttpSecurity http, Accounts accounts) {
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(
                        "/",
                        "/garage/open-demo",
                        "/garage/open-own",
                        "/units",
                        "/error",
                        "/assets/**",
                        "/actuator/health")
                    .permitAll()
                    .anyRequest()
                    .authenticated())
        .sessionManagement(
            sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .csrf(csrf -> csrf.csrfTokenRepository(new CookieCsrfTokenRepository()))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                    .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
        .exceptionHandling(
            exceptions ->
                exceptions.authenticationEntryPoint(
                    (request, response, refused) -> sendToStart(request, response)))
        .addFilterBefore(new VisitorFilter(accounts), AuthorizationFilter.class)
        .addFilterAfter(new EagerCsrf(), CsrfFilter.class)
        .requestCache(cache -> cache.disable())
        .logout(logout -> logout.disable())
        .build();
  }

  /** There are no passwords, so no default user is made up either. */
  @Bean
  UserDetailsService noPasswords() {
    return name -> {
      throw new UsernameNotFoundException("there are no passwords");
    };
  }

  private static void sendToStart(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    if (Htmx.isHtmx(request)) {
      response.setHeader("HX-Redirect", "/?closed");
      response.setStatus(HttpStatus.UNAUTHORIZED.value());
    } else {
      response.sendRedirect("/?closed");
    }
  }

  /** Writes the token's cookie before the page streams out, since a late form could not. */
  private static final class EagerCsrf extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
        token.getToken();
      }
      chain.doFilter(request, response);
    }
  }
}
