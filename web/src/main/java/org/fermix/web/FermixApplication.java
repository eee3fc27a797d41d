package org.fermix.web;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.random.RandomGenerator;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the application. */
@SpringBootApplication
@EnableScheduling
public class FermixApplication {
  /** The one entry point. */
  public static void main(String[] arguments) {
    SpringApplication.run(FermixApplication.class, arguments);
  }

  /** Seeds of hidden batteries and machines; safe to share between requests. */
  @Bean
  RandomGenerator seeds() {
    return new SecureRandom();
  }

  /** The clock of the web module; the core has none. */
  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}
