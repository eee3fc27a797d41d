package org.fermix.web.account;

import java.util.Locale;
import java.util.Optional;

/**
 * A key as it is written on paper: 25 signs of Crockford's base 32 in groups of five, 125 bits.
 * Capitals or not, spaces and hyphens do not matter, O is read as 0, I and L as 1 (D. Crockford,
 * “Base 32”, from memory).
 */
final class WrittenKey {
  private static final String SIGNS = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";
  private static final int LENGTH = 25;
  private static final int GROUP = 5;
  private static final int LONGEST = 80;

  private WrittenKey() {}

  /** A key from random bytes, one for each sign. */
  static String of(byte[] random) {
    StringBuilder key = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      if (i > 0 && i % GROUP == 0) {
        key.append('-');
      }
      key.append(SIGNS.charAt(random[i] & 31));
    }
    return key.toString();
  }

  /** Random bytes a key needs. */
  static int randomBytes() {
    return LENGTH;
  }

  /** A key as it was typed, in the one form that is compared; empty where it cannot be one. */
  static Optional<String> read(String typed) {
    if (typed.length() > LONGEST) {
      return Optional.empty();
    }
    StringBuilder key = new StringBuilder();
    for (char sign : typed.toUpperCase(Locale.ROOT).toCharArray()) {
      char read = sign == 'O' ? '0' : sign == 'I' || sign == 'L' ? '1' : sign;
      if (SIGNS.indexOf(read) >= 0) {
        key.append(read);
      } else if (read != '-' && !Character.isWhitespace(read) && !Character.isSpaceChar(read)) {
        return Optional.empty();
      }
    }
    return key.length() == LENGTH ? Optional.of(key.toString()) : Optional.empty();
  }
}
