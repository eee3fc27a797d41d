package org.fermix.web.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.fermix.web.shared.Busy;
import org.fermix.web.shared.FaultLog;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.TooOften;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.ModelAndView;

/** Turns what went wrong into a page that says what to do; a stack trace goes only to the log. */
@ControllerAdvice
class Problems {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  /** Causes looked at behind one fault; more would be a circle. */
  private static final int DEEPEST = 20;

  @ExceptionHandler(NotHere.class)
  ModelAndView notHere() {
    return page(HttpStatus.NOT_FOUND, "", "");
  }

  /** An address that cannot be is an unknown one; a form field that cannot be is a bad request. */
  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ModelAndView cannotBe(MethodArgumentTypeMismatchException mismatch) {
    boolean address = mismatch.getParameter().hasParameterAnnotation(PathVariable.class);
    return page(address ? HttpStatus.NOT_FOUND : HttpStatus.BAD_REQUEST, "", "");
  }

  /** Two tabs at the same moment: the first one counts. */
  @ExceptionHandler({
    OptimisticLockingFailureException.class,
    DataIntegrityViolationException.class
  })
  ModelAndView meanwhile(Exception fault) {
    // Class 22 is a value no column can hold, such as a NUL in a text: nobody else changed
    // anything.
    boolean unreadable = states(fault).anyMatch(state -> state.startsWith("22"));
    return page(unreadable ? HttpStatus.BAD_REQUEST : HttpStatus.CONFLICT, "", "");
  }

  /** Thrown by the server for parameters it cannot decode. */
  @ExceptionHandler(InvalidParameterException.class)
  ModelAndView unreadable() {
    return page(HttpStatus.BAD_REQUEST, "", "");
  }

  /** A file, or a form with one, over the limit. */
  @ExceptionHandler(MaxUploadSizeExceededException.class)
  ModelAndView tooLarge() {
    return page(HttpStatus.CONTENT_TOO_LARGE, "upload", "");
  }

  /** A form that should have brought a file. */
  @ExceptionHandler({MultipartException.class, MissingServletRequestPartException.class})
  ModelAndView noFile() {
    return page(HttpStatus.BAD_REQUEST, "upload", "");
  }

  @ExceptionHandler(Busy.class)
  ModelAndView busy(HttpServletRequest request, HttpServletResponse response) {
    response.setHeader(HttpHeaders.RETRY_AFTER, Integer.toString(Busy.RETRY_SECONDS));
    return again(page(HttpStatus.SERVICE_UNAVAILABLE, "", ""), request, request.getRequestURI());
  }

  @ExceptionHandler(TooOften.class)
  ModelAndView tooOften(TooOften often, HttpServletRequest request, HttpServletResponse response) {
    String seconds = Long.toString(often.seconds());
    response.setHeader(HttpHeaders.RETRY_AFTER, seconds);
    return again(page(HttpStatus.TOO_MANY_REQUESTS, seconds, ""), request, request.getRequestURI());
  }

  @ExceptionHandler(Exception.class)
  ModelAndView anything(Exception fault, HttpServletRequest request) {
    if (fault instanceof ErrorResponse response && !response.getStatusCode().is5xxServerError()) {
      return page(response.getStatusCode(), "", "");
    }
    return ours(fault, request, request.getRequestURI());
  }

  /** Our own fault, or the database's; logged under a reference. */
  static ModelAndView ours(Throwable fault, HttpServletRequest request, String path) {
    String reference = FaultLog.reference();
    boolean full = states(fault).anyMatch(state -> state.startsWith("53"));
    boolean database = full || isOfTheConnection(fault);
    if (full) {
      LOG.error("database has no room reference={} path={}", reference, path);
    } else if (database) {
      // The database says enough in its own log; a trace for each request would only fill ours.
      LOG.error("database does not answer reference={} path={}", reference, path);
    } else {
      LOG.error(
          "fault reference={} method={} path={}", reference, request.getMethod(), path, fault);
    }
    HttpStatus status =
        database ? HttpStatus.SERVICE_UNAVAILABLE : HttpStatus.INTERNAL_SERVER_ERROR;
    String detail =
        full
            ? Problem.FULL
            : !database
                ? ""
                : !wantsChange(request)
                    ? Problem.DATABASE
                    : wasNotReached(fault) ? Problem.NOT_SAVED : Problem.PERHAPS_SAVED;
    return again(page(status, detail, reference), request, path);
  }

  /**
   * Whether the database was not reached, or went away meanwhile: a connection's own exceptions, or
   * SQLSTATE class 08 (connection exception, ISO/IEC 9075) or 57P (operator intervention,
   * PostgreSQL's table of error codes).
   */
  static boolean isOfTheConnection(Throwable fault) {
    return Stream.<@Nullable Throwable>iterate(fault, Objects::nonNull, Throwable::getCause)
        .limit(DEEPEST)
        .anyMatch(
            cause ->
                cause instanceof SQLTransientConnectionException
                    || cause instanceof SQLNonTransientConnectionException
                    || (cause instanceof SQLException sql && isOfTheConnection(sql.getSQLState())));
  }

  /** SQLSTATEs behind a fault; class 53 is insufficient resources, 53100 a full disk. */
  private static Stream<String> states(Throwable fault) {
    return Stream.<@Nullable Throwable>iterate(fault, Objects::nonNull, Throwable::getCause)
        .limit(DEEPEST)
        .map(cause -> cause instanceof SQLException sql ? sql.getSQLState() : null)
        .filter(Objects::nonNull);
  }

  /** True where no connection was had at all: then nothing can have been saved. */
  private static boolean wasNotReached(Throwable fault) {
    return Stream.<@Nullable Throwable>iterate(fault, Objects::nonNull, Throwable::getCause)
        .limit(DEEPEST)
        .anyMatch(SQLTransientConnectionException.class::isInstance);
  }

  private static boolean wantsChange(HttpServletRequest request) {
    Object asked = request.getAttribute(RequestDispatcher.ERROR_METHOD);
    return "POST".equals(asked == null ? request.getMethod() : asked);
  }

  private static boolean isOfTheConnection(@Nullable String state) {
    return state != null && (state.startsWith("08") || state.startsWith("57P"));
  }

  static ModelAndView page(HttpStatusCode status, String detail, String reference) {
    ModelAndView page = new ModelAndView("problem/page");
    page.setStatus(status);
    page.addObject("problem", Problem.of(status, detail, reference));
    return page;
  }

  /** A field of a form, as it came. */
  public record Typed(String name, String value) {}

  /** Keeps what was typed on the page, so that it can be sent again from there. */
  static ModelAndView again(ModelAndView page, HttpServletRequest request, String path) {
    String type = request.getContentType();
    // An error is answered as a GET; how it was asked is kept beside it.
    Object asked = request.getAttribute(RequestDispatcher.ERROR_METHOD);
    if ("POST".equals(asked == null ? request.getMethod() : asked)
        && !path.startsWith("//")
        && (type == null || type.startsWith("application/x-www-form-urlencoded"))) {
      List<Typed> typed =
          request.getParameterMap().entrySet().stream()
              .filter(entry -> !entry.getKey().equals("_csrf"))
              .flatMap(
                  entry ->
                      List.of(entry.getValue()).stream()
                          .map(value -> new Typed(entry.getKey(), value)))
              .toList();
      page.addObject("typed", typed);
      page.addObject("action", path);
    }
    return page;
  }
}
