package org.fermix.web.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.stream.Stream;
import org.fermix.web.shared.NotHere;
import org.hibernate.exception.JDBCConnectionException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.stereotype.Controller;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.GetMapping;

class ProblemsTest {
  /** Fails on purpose. */
  @Controller
  static class Faulty {
    @GetMapping("/fault")
    String fault() {
      throw new IllegalStateException("secret detail");
    }

    @GetMapping("/gone")
    String gone() {
      throw new NotHere("thing");
    }
  }

  private static MvcResult open(String path) throws Exception {
    return MockMvcBuilders.standaloneSetup(new Faulty())
        .setControllerAdvice(new Problems())
        .setViewResolvers((name, locale) -> (model, request, response) -> {})
        .build()
        .perform(get(path))
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
