package org.fermix.web.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import org.fermix.web.shared.NotHere;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Controller;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
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
}
