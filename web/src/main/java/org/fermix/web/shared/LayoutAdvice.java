package org.fermix.web.shared;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpMethod;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every page's frame needs. */
@ControllerAdvice
class LayoutAdvice {
  /** The frame: the reader's units and the address to come back to after switching them. */
  public record Frame(boolean us, String back) {}

  @ModelAttribute("frame")
  Frame frame(HttpServletRequest request) {
    String path = request.getRequestURI();
    if (request.getDispatcherType() == DispatcherType.ERROR) {
      path = "/garage";
    } else if (!HttpMethod.GET.matches(request.getMethod())) {
      path = request.getHeader("Referer") == null ? "/garage" : refererPath(request);
    } else if (request.getQueryString() != null) {
      path += "?" + request.getQueryString();
    }
    return new Frame(ReaderArguments.display(request).isUs(), path);
  }

  private static String refererPath(HttpServletRequest request) {
    String referer = request.getHeader("Referer");
    int host = referer.indexOf("//");
    int path = host < 0 ? -1 : referer.indexOf('/', host + 2);
    return path < 0 ? "/garage" : referer.substring(path);
  }
}
