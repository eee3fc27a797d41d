package org.fermix.web.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.ModelAndView;

/** The page for what fails before a controller is reached. */
@Controller
class ErrorPage implements ErrorController {
  @RequestMapping("/error")
  ModelAndView error(HttpServletRequest request) {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : null;
    String path = text(request, RequestDispatcher.ERROR_REQUEST_URI);
    if (request.getAttribute(RequestDispatcher.ERROR_EXCEPTION) instanceof Throwable fault) {
      if (fault instanceof InvalidParameterException) {
        return Problems.page(HttpStatus.BAD_REQUEST, "", "");
      }
      return Problems.ours(fault, request, path);
    }
    String detail = text(request, RequestDispatcher.ERROR_MESSAGE);
    ModelAndView page = Problems.page(status == null ? HttpStatus.NOT_FOUND : status, detail, "");
    // A token that has grown old: all of the form was read to find it.
    return status == HttpStatus.FORBIDDEN && !detail.equals("origin")
        ? Problems.again(page, request, path)
        : page;
  }

  private static String text(HttpServletRequest request, String attribute) {
    return request.getAttribute(attribute) instanceof String text ? text : "";
  }
}
