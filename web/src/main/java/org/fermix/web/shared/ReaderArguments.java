package org.fermix.web.shared;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.fermix.core.quantity.UnitSystem;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Lets a controller method ask for the reader's {@link Display} and for {@link Htmx}. */
@Configuration
class ReaderArguments implements WebMvcConfigurer {
  static final String UNITS = "fermix-units";

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(new Resolver());
  }

  static Display display(HttpServletRequest request) {
    Cookie[] cookies = request.getCookies();
    if (cookies != null) {
      for (Cookie cookie : cookies) {
        if (cookie.getName().equals(UNITS) && cookie.getValue().equals("us")) {
          return new Display(UnitSystem.US, Display.USUAL.currencyCode());
        }
      }
    }
    return Display.USUAL;
  }

  private static final class Resolver implements HandlerMethodArgumentResolver {
    @Override
    public boolean supportsParameter(MethodParameter parameter) {
      return parameter.getParameterType() == Display.class
          || parameter.getParameterType() == Htmx.class;
    }

    @Override
    public Object resolveArgument(
        MethodParameter parameter,
        @Nullable ModelAndViewContainer container,
        NativeWebRequest webRequest,
        @Nullable WebDataBinderFactory binderFactory) {
      HttpServletRequest request = webRequest.getNativeRequest(HttpServletRequest.class);
      if (request == null) {
        throw new IllegalStateException("only web requests are served");
      }
      return parameter.getParameterType() == Display.class
          ? display(request)
          : new Htmx(Htmx.isHtmx(request));
    }
  }
}
