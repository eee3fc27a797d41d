package org.fermix.web.decide;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * Sets the sheet as a PDF: tagged, faces embedded, drawings as vectors. What was set is kept a
 * while.
 */
@Component
class SheetPdf {
  private static final int MOST_KEPT_BYTES = 8 << 20;

  /** A sheet with one of everything that is drawn. */
  private static final Sheet EXAMPLE =
      new Sheet(
          "example",
          "",
          "2026-01-01",
          "",
          "",
          "",
          List.of(),
          "",
          new Sheet.Choice("A", "", "", "example", "12 V", "1", "1", ""),
          List.of(),
          "",
          List.of(),
          List.of(new Sheet.Case(278, 175, 190, 280, 180, true, List.of("278", "175", "190"))),
          List.of("check"),
          List.of(new Sheet.Line("", "example", "1", "")),
          "1",
          "",
          "",
          List.of(
              new Sheet.Ruler(
                  "Cold",
                  "",
                  List.of(new Sheet.Mark(10, "1", true)),
                  50,
                  true,
                  List.of(new Sheet.Mark(70, "A", true)),
                  List.of("said"))),
          List.of(),
          List.of(),
          List.of("caution"),
          List.of());

  private final Cache<Asked, byte[]> kept =
      Caffeine.newBuilder()
          .maximumWeight(MOST_KEPT_BYTES)
          .weigher((Asked asked, byte[] pdf) -> 2 * pdf.length)
          .build();
  private final String style = read("drawing/sheet.css");
  private final SheetMarkup markup;

  SheetPdf(SheetMarkup markup) {
    this.markup = markup;
  }

  /** Paper it is set on. */
  enum Paper {
    A4("210mm 297mm", "10mm"),
    LETTER("8.5in 11in", "9mm 12.9mm");

    private final String size;
    private final String margin;

    Paper(String size, String margin) {
      this.size = size;
      this.margin = margin;
    }
  }

  private record Asked(Sheet sheet, String settled, Paper paper) {}

  /** The PDF of a sheet: one page, with as much left out as that takes. */
  byte[] of(Sheet sheet, String settled, Paper paper) {
    return kept.get(new Asked(sheet, settled, paper), this::onOnePage);
  }

  /**
   * Sets an empty sheet beside the start of the application: faces, drawings and the setter are
   * loaded by it, which the first owner would wait for otherwise.
   */
  private void setOne() {
    var unused = onOnePage(new Asked(EXAMPLE, "", Paper.A4));
  }

  @EventListener(ApplicationReadyEvent.class)
  void warmUp() {
    Thread thread = new Thread(this::setOne, "first-sheet");
    thread.setDaemon(true);
    thread.start();
  }

  private byte[] onOnePage(Asked asked) {
    int cut = Math.max(0, SheetMarkup.cut(asked.sheet()) - 1);
    while (true) {
      Optional<byte[]> set = set(asked, cut, cut >= SheetMarkup.MOST_CUT);
      if (set.isPresent()) {
        return set.get();
      }
      cut++;
    }
  }

  /** Empty where it would take more than a page. */
  private Optional<byte[]> set(Asked asked, int cut, boolean anyhow) {
    String title = escaped("What to ask for, for " + asked.sheet().machine());
    String page =
        "<html lang=\"en\"><head><title>"
            + title
            + "</title><meta name=\"subject\" content=\""
            + title
            + "\"/><style>@page { size: "
            + asked.paper().size
            + "; margin: "
            + asked.paper().margin
            + "; } body { margin: 0; } "
            + style
            + "</style></head><body>"
            + markup.of(asked.sheet(), asked.settled(), cut)
            + "</body></html>";
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (BatikSVGDrawer drawings = new BatikSVGDrawer()) {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.usePdfUaAccessibility(true);
      builder.useSVGDrawer(drawings);
      face(builder, "Overpass-400.ttf", "Overpass", 400);
      face(builder, "Overpass-700.ttf", "Overpass", 700);
      face(builder, "OverpassMono-400.ttf", "Overpass Mono", 400);
      face(builder, "OverpassMono-700.ttf", "Overpass Mono", 700);
      // What the faces of the pages lack, as Greek and Cyrillic names.
      builder.useFont(
          () -> open("static/fonts/fallback.ttf"),
          "Fallback",
          400,
          BaseRendererBuilder.FontStyle.NORMAL,
          true,
          EnumSet.of(BaseRendererBuilder.FSFontUseCase.FALLBACK_FINAL));
      builder.withHtmlContent(page, null);
      builder.toStream(out);
      try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
        renderer.layout();
        if (renderer.getRootBox().getLayer().getPages().size() > 1 && !anyhow) {
          return Optional.empty();
        }
        renderer.createPDF();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return Optional.of(out.toByteArray());
  }

  private static void face(PdfRendererBuilder builder, String file, String family, int weight) {
    builder.useFont(
        () -> open("static/fonts/" + file),
        family,
        weight,
        BaseRendererBuilder.FontStyle.NORMAL,
        true,
        EnumSet.of(
            BaseRendererBuilder.FSFontUseCase.DOCUMENT, BaseRendererBuilder.FSFontUseCase.SVG));
  }

  private static InputStream open(String name) {
    try {
      return new ClassPathResource(name).getInputStream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String read(String name) {
    try (InputStream in = open(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String escaped(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
  }
}
