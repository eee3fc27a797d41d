package org.fermix.web.job;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.account.Visitor;
import org.fermix.web.shared.Htmx;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Nothing is changed in a job that is closed: the way leads to its machine, where it is reopened.
 */
@Configuration
class ClosedJobs implements WebMvcConfigurer {
  private final Jobs jobs;

  ClosedJobs(Jobs jobs) {
    this.jobs = jobs;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry
        .addInterceptor(new Interceptor())
        .addPathPatterns("/jobs/*/**")
        .excludePathPatterns("/jobs/*/become/*", "/jobs/*/remove", "/jobs/*/restore");
  }

  private final class Interceptor implements HandlerInterceptor {
    @Override
    public boolean preHandle(
        HttpServletRequest request, HttpServletResponse response, Object handler)
        throws IOException {
      if (HttpMethod.GET.matches(request.getMethod())
          || !(request.getUserPrincipal() instanceof Authentication authentication)
          || !(authentication.getPrincipal() instanceof Visitor visitor)
          || !(request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE)
              instanceof Map<?, ?> variables)) {
        return true;
      }
      Optional<OpenJob> closed =
          id(String.valueOf(variables.get("id")))
              .map(id -> jobs.open(visitor, id))
              .filter(job -> !job.isOpen());
      if (closed.isEmpty()) {
        return true;
      }
      String machine = "/machines/" + closed.get().machineId() + "?closed";
      if (Htmx.isHtmx(request)) {
        response.setHeader("HX-Redirect", machine);
        response.setStatus(HttpStatus.CONFLICT.value());
      } else {
        response.sendRedirect(machine);
      }
      return false;
    }

    /** Empty where it is none: what answers the address says so. */
    private Optional<UUID> id(String text) {
      try {
        return Optional.of(UUID.fromString(text));
      } catch (IllegalArgumentException e) {
        return Optional.empty();
      }
    }
  }
}
