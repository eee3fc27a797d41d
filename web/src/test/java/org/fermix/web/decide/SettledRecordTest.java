package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was settled once is read for good: a fixture of each shape there ever was. A shape that
 * changes gets a number of its own, and the one before stays here.
 */
class SettledRecordTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static String fixture(int version) {
    try (InputStream stream =
        Objects.requireNonNull(
            SettledRecordTest.class.getResourceAsStream("/settled/" + version + ".json"))) {
      return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1})
  void everyShapeIsRead(int version) {
    Sheet sheet = SettledRecord.read(fixture(version));
    assertThat(sheet.machine()).isEqualTo("Heron");
    assertThat(sheet.choice().letter()).matches("[A-L]");
    assertThat(sheet.rulers()).isNotEmpty();
    assertThat(sheet.bill()).isNotEmpty();
  }

  /** Written again it is the same, name by name: a shape never changes under its number. */
  @Test
  void theNewestShapeIsWhatIsWritten() {
    String newest = fixture(SettledRecord.VERSION);
    assertThat(JSON.readTree(SettledRecord.write(SettledRecord.read(newest))))
        .isEqualTo(JSON.readTree(newest));
  }

  @ParameterizedTest
  @ValueSource(strings = {"{}", "{\"version\": 99}", "[]"})
  void whatIsNoRecordIsSaid(String text) {
    assertThatExceptionOfType(IllegalStateException.class)
        .isThrownBy(() -> SettledRecord.read(text));
  }
}
