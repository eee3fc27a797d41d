package org.fermix.web.problem;

import jakarta.servlet.http.HttpServletRequest;
import java.util.HexFormat;
import java.util.concurrent.ThreadLocalRandom;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.fermix.web.shared.NotHere;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.ModelAndView;

/** Turns what went wrong into a page that says what to do; a stack trace goes only to the log. */
@ControllerAdvice
class Problems {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler(NotHere.class)
  ModelAndView notHere() {
    return page(HttpStatus.NOT_FOUND, "");
  }

  /** An address that cannot be is an unknown one; a form field that cannot be is a bad request. */
  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ModelAndView cannotBe(MethodArgumentTypeMismatchException mismatch) {
    boolean address = mismatch.getParameter().hasParameterAnnotation(PathVariable.class);
    return page(address ? HttpStatus.NOT_FOUND : HttpStatus.BAD_REQUEST, "");
  }

  /** Two tabs at the same moment: the first one counts. */
  @ExceptionHandler({
    OptimisticLockingFailureException.class,
    DataIntegrityViolationException.class
  })
  ModelAndView meanwhile() {
    return page(HttpStatus.CONFLICT, "");
  }

  /** Thrown by the server for parameters it cannot decode. */
  @ExceptionHandler(InvalidParameterException.class)
  ModelAndView unreadable() {
    return page(HttpStatus.BAD_REQUEST, "");
  }

  @ExceptionHandler(Exception.class)
  ModelAndView anything(Exception fault, HttpServletRequest request) {
    if (fault instanceof ErrorResponse response && !response.getStatusCode().is5xxServerError()) {
      return page(response.getStatusCode(), "");
    }
    String reference =
        HexFormat.of().withUpperCase().toHexDigits(ThreadLocalRandom.current().nextInt());
    LOG.error(
        "fault reference={} method={} path={}",
        reference,
        request.getMethod(),
        request.getRequestURI(),
        fault);
    return page(HttpStatus.INTERNAL_SERVER_ERROR, reference);
  }

  static ModelAndView page(HttpStatusCode status, String reference) {
    ModelAndView page = new ModelAndView("problem/page");
    page.setStatus(status);
    page.addObject("problem", Problem.of(status, reference));
    return page;
  }
}
