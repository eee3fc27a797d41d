package org.fermix.web.formats;

/** What is wrong with a file, where, and what would be accepted; meant for the owner. */
public final class CsvFault extends RuntimeException {
  private static final long serialVersionUID = 1;

  CsvFault(String message) {
    super(message);
  }

  /** One that was found before and is said again. */
  public static CsvFault again(String message) {
    return new CsvFault(message);
  }

  static CsvFault at(long line, int column, String what) {
    return new CsvFault("Line " + line + ", column " + column + ": " + what);
  }
}
