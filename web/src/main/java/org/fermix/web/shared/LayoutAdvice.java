package org.fermix.web.shared;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpMethod;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every page's frame needs. */
@ControllerAdvice
class LayoutAdvice {
  /**
   * The frame.
   *
   * @param us the reader's units
   * @param back the address to come back to after switching them
   * @param garage a mark of the garage that is open, by which a page kept on the device is known to
   *     be of this one
   */
  public record Frame(boolean us, String back, String garage) {}

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
    return new Frame(
        ReaderArguments.display(request).isUs(),
        path,
        request.getAttribute(GarageMark.class.getName()) instanceof GarageMark mark
            ? mark.text()
            : GarageMark.NONE);
  }

  private static String refererPath(HttpServletRequest request) {
    String referer = request.getHeader("Referer");
    int host = referer.indexOf("//");
    int path = host < 0 ? -1 : referer.indexOf('/', host + 2);
    return path < 0 ? "/garage" : referer.substring(path);
  }
}
