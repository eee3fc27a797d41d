package org.fermix.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
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
  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(new Resolver());
  }

  /** What the garage's owner chose, else what the browser says, else the usual. */
  static Display display(HttpServletRequest request) {
    Preferences chosen =
        request.getAttribute(Preferences.class.getName()) instanceof Preferences stored
            ? stored
            : Preferences.NONE;
    return new Display(
        chosen.units().or(() -> ReaderCookies.units(request)).orElse(Display.USUAL.system()),
        chosen.currency().orElse(Display.USUAL.currencyCode()),
        chosen.zone().or(() -> ReaderCookies.zone(request)).orElse(Display.USUAL.zone()));
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
