package org.fermix.web.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The longest recording that is taken. */
class LongRecordingTest {
  /** Two million rows are read and analysed within three seconds and 300 MB, the whole process. */
  @Test
  void twoMillionRowsFit(@TempDir Path folder) throws IOException, InterruptedException {
    Path file = LongRecording.write(folder, 2_000_000);
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx160m",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                LongRecording.class.getName(),
                file.toString())
            .redirectErrorStream(true)
            .start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor()).as(said).isZero();
    List<String> lines = said.lines().toList();
    System.out.println("two million rows: " + lines);
    assertThat(lines)
        .allSatisfy(
            line ->
                assertThat(Double.parseDouble(line.substring(line.indexOf(' '))))
                    .isCloseTo(7.1, within(0.15)));
    double quickest =
        lines.stream()
            .mapToDouble(line -> Double.parseDouble(line.substring(0, line.indexOf(' '))))
            .min()
            .orElseThrow();
    assertThat(quickest).isLessThan(3);
  }
}
