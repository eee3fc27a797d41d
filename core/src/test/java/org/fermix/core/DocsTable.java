package org.fermix.core;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * Writes a table of the documentation from the test that measures it, when {@code fermix.docs}
 * names the folder; {@code ./fermix docs} does so.
 */
public final class DocsTable {
  private DocsTable() {}

  /** Writes a table, or nothing where no folder is named. */
  public static void write(String name, String comment, String heads, List<String> rows) {
    String folder = System.getProperty("fermix.docs", "");
    if (folder.isEmpty()) {
      return;
    }
    try {
      Files.writeString(
          Path.of(folder, name),
          "# " + comment + "\n" + heads + "\n" + String.join("\n", rows) + "\n");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
