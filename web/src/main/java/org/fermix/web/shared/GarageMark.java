package org.fermix.web.shared;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/** Tells garages apart in a browser without saying which they are. */
public record GarageMark(String text) {
  /** Where none is open. */
  static final String NONE = "none";

  /** The mark of a garage. */
  public static GarageMark of(UUID garageId) {
    byte[] salted = ("kept in a browser " + garageId).getBytes(StandardCharsets.UTF_8);
    return new GarageMark(UUID.nameUUIDFromBytes(salted).toString());
  }
}
