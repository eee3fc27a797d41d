package org.fermix.web.formats;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.fermix.core.prove.CrankFeatures;

/** Reads and analyses a recording in a process of its own, whose memory is bounded from outside. */
public final class LongRecording {
  private LongRecording() {}

  /** Prints seconds taken and the inrush voltage found. */
  public static void main(String[] arguments) throws IOException {
    for (int i = 0; i < 3; i++) {
      long begun = System.nanoTime();
      try (var stream = Files.newInputStream(Path.of(arguments[0]))) {
        CrankFeatures features = CrankFeatures.of(CrankCsv.read(stream), 1);
        System.out.printf(
            Locale.ROOT, "%.3f %.3f%n", (System.nanoTime() - begun) / 1e9, features.lowestVolts());
      }
    }
  }

  /** A file of so many rows with a start in it that dips to 7.1 V. */
  static Path write(Path folder, int rows) {
    Path file = folder.resolve("long.csv");
    try (var out = Files.newBufferedWriter(file, StandardCharsets.US_ASCII)) {
      out.write("time,volts\n");
      double step = 10.0 / rows;
      for (int i = 0; i < rows; i++) {
        double t = i * step;
        double volts =
            t < 2 || t > 4.5
                ? 12.6
                : 9.6 - 2.5 * Math.exp(-(t - 2) / 0.3) + 0.4 * Math.sin(50 * (t - 2));
        out.write(Double.toString(Math.round(t * 1e7) / 1e7));
        out.write(',');
        out.write(Double.toString(Math.round(volts * 1e3) / 1e3));
        out.write('\n');
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return file;
  }
}
