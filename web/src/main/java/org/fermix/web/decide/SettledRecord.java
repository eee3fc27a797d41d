package org.fermix.web.decide;

import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * How a settled decision is written down for good: as a record with the version of its shape. What
 * was written in an older shape is read by bringing it, step by step, into the newest one; a
 * fixture of each shape is kept in the tests and read for ever.
 */
final class SettledRecord {
  /** The shape that is written now. */
  static final int VERSION = 1;

  private static final String VERSION_NAME = "version";

  private static final JsonMapper JSON =
      JsonMapper.builder()
          .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
          .build();

  private SettledRecord() {}

  static String write(Sheet sheet) {
    ObjectNode record = JSON.valueToTree(sheet);
    record.put(VERSION_NAME, VERSION);
    return JSON.writeValueAsString(record);
  }

  /**
   * Reads a record of any shape there ever was.
   *
   * @throws IllegalStateException of one from the future
   */
  static Sheet read(String text) {
    if (!(JSON.readTree(text) instanceof ObjectNode record)) {
      throw new IllegalStateException("a settled record is an object");
    }
    JsonNode version = record.remove(VERSION_NAME);
    int shape = version == null ? 0 : version.intValue();
    // A step for each older shape stands here once there is one: case 1 → to 2, and on.
    if (shape != VERSION) {
      throw new IllegalStateException("a settled record of shape " + shape + " cannot be read");
    }
    return JSON.treeToValue(record, Sheet.class);
  }
}
