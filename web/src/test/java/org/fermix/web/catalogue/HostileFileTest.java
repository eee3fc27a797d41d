package org.fermix.web.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** One guest’s file never costs the others: bounded in memory and time, whatever is in it. */
class HostileFileTest extends WebTestBase {
  @LocalServerPort int port;

  /** The file itself takes 8 MB of the bound, the program with its tables about 12. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "all rows wrong", "all rows right", "every cell wrong", "one cell", "one line of commas",
        "empty lines", "quotes", "rows without end", "a heading of 8 MB",
            "as many names as objects",
        "all objects wrong", "one name", "nested"
      })
  void isReadWithinThirtyTwoMegabytes(String kind) throws IOException, InterruptedException {
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx52m",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                HostileFiles.class.getName(),
                kind)
            .redirectErrorStream(true)
            .start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor()).as(said).isZero();
    List<String> figures = List.of(said.strip().split("\\|", -1));
    System.out.println("hostile file: " + said.strip());
    // About 1.5 s on a fresh JVM (docs/performance.md); nothing that grows with the square passes.
    assertThat(Double.parseDouble(figures.get(1))).isLessThan(10);
    assertThat(Integer.parseInt(figures.get(4))).isLessThanOrEqualTo(40);
  }

  @Test
  void aFileOfTenThousandWrongRowsIsShownByItsFirstForty() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String page = job + "/catalogue/own";
    String looked = visit.upload(page, "list.csv", HostileFiles.of("all rows wrong")).body();
    assertThat(OwnerSteps.plain(looked)).contains("0</b> can be kept", "10000</b> cannot");
    assertThat(looked.split("class=\"error\"", -1).length - 1).isBetween(40, 40 * 8);
    assertThat(visit.get(page).body()).contains("line 2", "10000</b> cannot");
  }

  @Test
  void tenGuestsAtOnceLeaveOthersServed() {
    Visit other = new Visit(port);
    String garage = other.ownJob("Grebe", "petrol-car");
    String file = HostileFiles.of("all rows wrong");
    List<CompletableFuture<Integer>> guests =
        IntStream.range(0, 10)
            .mapToObj(
                i ->
                    CompletableFuture.supplyAsync(
                        () -> {
                          Visit guest = new Visit(port);
                          String job = guest.ownJob("Otter", "petrol-car");
                          return guest
                              .upload(job + "/catalogue/own", "list.csv", file)
                              .statusCode();
                        },
                        task -> new Thread(task).start()))
            .toList();
    double worst = 0;
    do {
      long begun = System.nanoTime();
      assertThat(other.get(garage + "/lineup").statusCode()).isEqualTo(200);
      worst = Math.max(worst, (System.nanoTime() - begun) / 1e9);
    } while (guests.stream().anyMatch(guest -> !guest.isDone()));
    System.out.printf("ten files at once: others served within %.2f s%n", worst);
    assertThat(worst).isLessThan(4);
    assertThat(guests).allSatisfy(guest -> assertThat(guest.join()).isIn(200, 503));
  }
}
