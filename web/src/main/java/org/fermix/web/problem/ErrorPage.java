package org.fermix.web.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
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
    return Problems.page(status == null ? HttpStatus.NOT_FOUND : status, "");
  }
}
