package org.fermix.web.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.stream.Stream;
import org.fermix.web.shared.NotHere;
import org.hibernate.exception.JDBCConnectionException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Controller;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.RequestBuilder;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.multipart.MaxUploadSizeExceededException;

class ProblemsTest {
  /** Fails on purpose. */
  @Controller
  static class Faulty {
    @GetMapping("/fault")
    String fault() {
      throw new IllegalStateException("secret detail");
    }

    @RequestMapping("/full")
    String full() {
      throw new DataAccessResourceFailureException("full", new SQLException("disk", "53100"));
    }

    @RequestMapping("/unreached")
    String unreached() {
      throw new TransientDataAccessResourceException(
          "no", new SQLTransientConnectionException("not available, timed out"));
    }

    @RequestMapping("/cut")
    String cut() {
      throw new DataAccessResourceFailureException("gone", new SQLException("gone", "08006"));
    }

    @RequestMapping("/unreadable")
    String unreadable() {
      throw new DataIntegrityViolationException("", new SQLException("a NUL", "22021"));
    }

    @RequestMapping("/twice")
    String twice() {
      throw new DataIntegrityViolationException("", new SQLException("duplicate", "23505"));
    }

    @RequestMapping("/large")
    String large() {
      throw new MaxUploadSizeExceededException(1);
    }

    @GetMapping("/gone")
    String gone() {
      throw new NotHere("thing");
    }
  }

  private static MvcResult open(String path) throws Exception {
    return perform(get(path));
  }

  private static MvcResult perform(RequestBuilder asked) throws Exception {
    return MockMvcBuilders.standaloneSetup(new Faulty())
        .setControllerAdvice(new Problems())
        .setViewResolvers((name, locale) -> (model, request, response) -> {})
        .build()
        .perform(asked)
        .andReturn();
  }

  private static Problem problem(MvcResult result) {
    var page = result.getModelAndView();
    if (page == null || !(page.getModel().get("problem") instanceof Problem problem)) {
      throw new AssertionError("no problem page");
    }
    return problem;
  }

  @Test
  void ourOwnFaultHasAReferenceAndNoDetail() throws Exception {
    MvcResult result = open("/fault");
    assertThat(result.getResponse().getStatus()).isEqualTo(500);
    Problem problem = problem(result);
    assertThat(problem.reference()).matches("[0-9A-F]{8}");
    assertThat(problem.title() + problem.advice()).doesNotContain("secret", "Exception");
  }

  /** "This was not saved" stands only where that is known; a page that is read saves nothing. */
  @ParameterizedTest
  @CsvSource({
    "GET, /unreached, 503, What was saved before is safe., not saved",
    "POST, /unreached, 503, this was not saved, not known",
    "POST, /cut, 503, Whether this was saved is not known, was not saved",
    "GET, /cut, 503, What was saved before is safe., not known",
    "POST, /full, 503, no room, reached",
    "POST, /unreadable, 400, could not be read, at the same moment",
    "POST, /twice, 409, at the same moment, could not be read",
    "POST, /large, 413, too large, has to come"
  })
  void saysOnlyWhatIsSo(String method, String path, int status, String said, String never)
      throws Exception {
    MvcResult result = perform(request(HttpMethod.valueOf(method), path));
    assertThat(result.getResponse().getStatus()).isEqualTo(status);
    Problem problem = problem(result);
    assertThat(problem.title() + " " + problem.advice()).contains(said).doesNotContain(never);
  }

  @Test
  void whatIsNotHereHasNoReference() throws Exception {
    MvcResult result = open("/gone");
    assertThat(result.getResponse().getStatus()).isEqualTo(404);
    assertThat(problem(result).reference()).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("awayFaults")
  void aDatabaseThatIsAwayIsSaidToBe(Throwable fault) {
    assertThat(Problems.isOfTheConnection(fault)).isTrue();
  }

  static Stream<Throwable> awayFaults() {
    var noConnection = new SQLTransientConnectionException("not available, timed out");
    return Stream.of(
        new CannotCreateTransactionException("no", new JDBCConnectionException("no", noConnection)),
        new TransientDataAccessResourceException("no", noConnection),
        new DataAccessResourceFailureException("gone", new SQLException("gone", "08006")),
        new IllegalStateException(new SQLException("shut down", "57P01")));
  }

  @Test
  void whatTheDatabaseRefusesIsNotSaidToBeAway() {
    var refused = new SQLException("duplicate", "23505");
    assertThat(Problems.isOfTheConnection(new DataIntegrityViolationException("", refused)))
        .isFalse();
    assertThat(Problems.isOfTheConnection(new IllegalStateException("ours"))).isFalse();
  }
}
