package org.fermix.web;

import java.util.random.RandomGenerator;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;

/** One running application on the test database, shared by all tests that need it. */
@SpringBootTest(
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = {
      "fermix.allowance.openings-per-hour=100000",
      "fermix.housekeeping.first=PT24H",
      // The machine of the tests may be slow; a hung statement is found by the proofs.
      "spring.datasource.hikari.connection-init-sql=set statement_timeout = '60s'"
    })
@Import(WebTestBase.FixedSeeds.class)
public abstract class WebTestBase {
  /**
   * The same hidden battery and machine in every run and whatever the order of the tests: each that
   * is set up gets the same seed.
   */
  @TestConfiguration
  static class FixedSeeds {
    @Bean
    @Primary
    RandomGenerator fixedSeeds() {
      return () -> 20261126L;
    }
  }
}
