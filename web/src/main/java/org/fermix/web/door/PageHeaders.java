package org.fermix.web.door;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiConsumer;

/** The headers that say what a page may load and who may hold it. */
public final class PageHeaders {
  private static final Map<String, String> ALL =
      new TreeMap<>(
          Map.of(
              "Content-Security-Policy",
              "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self';"
                  + " img-src 'self' data:; connect-src 'self'; form-action 'self';"
                  + " frame-ancestors 'none'; base-uri 'none'",
              "Cross-Origin-Opener-Policy",
              "same-origin",
              "Cross-Origin-Resource-Policy",
              "same-origin",
              "Permissions-Policy",
              "accelerometer=(), camera=(), display-capture=(), geolocation=(), gyroscope=(),"
                  + " microphone=(), payment=(), serial=(), usb=()",
              "Referrer-Policy",
              "same-origin",
              "X-Content-Type-Options",
              "nosniff",
              "X-Frame-Options",
              "DENY"));

  private PageHeaders() {}

  /** Writes them. */
  public static void write(BiConsumer<String, String> header) {
    ALL.forEach(header);
  }
}
