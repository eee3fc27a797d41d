package org.fermix.web.shared;

import org.springframework.web.multipart.MultipartFile;

/** Names of files that were brought. */
public final class FileNames {
  private static final int LONGEST = 60;
  private static final String SIGNS = " ._-";

  private FileNames() {}

  /** The name of a file without anything that could mislead, or another where nothing is left. */
  public static String plain(MultipartFile file, String otherwise) {
    String original = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
    String plain =
        original
            .codePoints()
            .filter(sign -> Character.isLetterOrDigit(sign) || SIGNS.indexOf(sign) >= 0)
            .limit(LONGEST)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString()
            .strip();
    return plain.isEmpty() ? otherwise : plain;
  }
}
