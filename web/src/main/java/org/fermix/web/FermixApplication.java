package org.fermix.web;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the application. */
@SpringBootApplication
public class FermixApplication {
  /** The one entry point. */
  public static void main(String[] arguments) {
    SpringApplication.run(FermixApplication.class, arguments);
  }

  /** The clock of the web module; the core has none. */
  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}
