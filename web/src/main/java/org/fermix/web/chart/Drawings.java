package org.fermix.web.chart;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Hands drawings out as files that stand alone: their style goes with them, on white paper. */
@Component
public class Drawings {
  private final ITemplateEngine templates;
  private final String style;

  Drawings(ITemplateEngine templates) {
    this.templates = templates;
    this.style = standAlone(read("palette.css"), read("drawing.css"));
  }

  /** A drawing as a file. */
  public ResponseEntity<String> file(Drawing drawing) {
    Context context = new Context(Locale.ENGLISH);
    context.setVariable("drawing", drawing);
    context.setVariable("d", drawing.content());
    context.setVariable("style", style);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_TYPE, "image/svg+xml;charset=UTF-8")
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(drawing.fileName()).build().toString())
        .body(templates.process("chart/file", context).strip());
  }

  private static String read(String name) {
    try {
      return new ClassPathResource("drawing/" + name).getContentAsString(StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The rules with the colours of paper written in: many programs read no custom properties. */
  static String standAlone(String palette, String rules) {
    Map<String, String> colours = new TreeMap<>();
    int from = palette.indexOf("--");
    int end = palette.indexOf('}');
    while (from >= 0 && from < end) {
      int colon = palette.indexOf(':', from);
      int semicolon = palette.indexOf(';', colon);
      colours.put(
          palette.substring(from, colon).strip(), palette.substring(colon + 1, semicolon).strip());
      from = palette.indexOf("--", semicolon);
    }
    String resolved = rules;
    for (Map.Entry<String, String> colour : colours.entrySet()) {
      resolved = resolved.replace("var(" + colour.getKey() + ")", colour.getValue());
    }
    return resolved
        .replace("var(--font-sans)", "Overpass, sans-serif")
        .replace("var(--font-mono)", "Overpass Mono, monospace");
  }
}
