package org.fermix.web.shared;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A text that is taken along as a file. */
public final class Download {
  private Download() {}

  /** By the end of its name CSV, JSON or plain text. */
  public static ResponseEntity<String> of(String text, String name) {
    MediaType type =
        name.endsWith(".csv")
            ? new MediaType("text", "csv", StandardCharsets.UTF_8)
            : name.endsWith(".json")
                ? MediaType.APPLICATION_JSON
                : new MediaType("text", "plain", StandardCharsets.UTF_8);
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(text);
  }

  /** Bytes to be looked at in the browser, or kept under a name. */
  public static ResponseEntity<byte[]> inline(byte[] content, MediaType type, String name) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename(name, StandardCharsets.UTF_8).build().toString())
        .body(content);
  }
}
