package org.fermix.web.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.fermix.web.door.ChangesFilter;
import org.fermix.web.shared.Htmx;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.filter.OncePerRequestFilter;

/** Who may see what. What a page may load is said by the door. */
@Configuration
class SecurityConfiguration {
  @Bean
  SecurityFilterChain pages(
      HttpSecurity http, Accounts accounts, GarageCookies cookies, Instance instance) {
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers("/", "/error", "/assets/**", "/away.js", "/actuator/health")
                    .permitAll()
                    .requestMatchers(VisitorFilter.OPEN_TO_ALL.toArray(String[]::new))
                    .permitAll()
                    .anyRequest()
                    .authenticated())
        .sessionManagement(
            sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .csrf(csrf -> csrf.csrfTokenRepository(new FormTokens(cookies, instance)))
        .headers(
            headers ->
                headers
                    .defaultsDisabled()
                    .cacheControl(Customizer.withDefaults())
                    .httpStrictTransportSecurity(Customizer.withDefaults()))
        .exceptionHandling(
            exceptions ->
                exceptions.authenticationEntryPoint(
                    (request, response, refused) -> sendToStart(request, response)))
        .addFilterBefore(
            new VisitorFilter(
                accounts, cookies, (request, response, refused) -> sendToStart(request, response)),
            CsrfFilter.class)
        .addFilterAfter(new EagerCsrf(), CsrfFilter.class)
        .addFilterAfter(new ChangesFilter(), EagerCsrf.class)
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
