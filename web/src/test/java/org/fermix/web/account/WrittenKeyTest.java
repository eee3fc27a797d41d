package org.fermix.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class WrittenKeyTest {
  /** As it is read again after being copied by hand; one seed. */
  @Test
  void aKeySurvivesBeingCopied() {
    byte[] bytes = new byte[WrittenKey.randomBytes()];
    Random random = new Random(5);
    for (int i = 0; i < 500; i++) {
      random.nextBytes(bytes);
      String key = WrittenKey.of(bytes);
      String plain = key.replace("-", "");
      assertThat(WrittenKey.read(key)).contains(plain);
      assertThat(WrittenKey.read(" " + plain.toLowerCase(java.util.Locale.ROOT).replace('0', 'o')))
          .contains(plain);
      assertThat(WrittenKey.read(plain.replace('1', 'I'))).contains(plain);
    }
  }

  @Test
  void whatCannotBeAKeyIsNone() {
    assertThat(WrittenKey.read("")).isEmpty();
    assertThat(WrittenKey.read("0".repeat(24))).isEmpty();
    assertThat(WrittenKey.read("0".repeat(24) + "U")).isEmpty();
    assertThat(WrittenKey.read("0".repeat(5000))).isEmpty();
  }
}
