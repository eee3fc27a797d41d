package org.fermix.web.chart;

/**
 * Numbers as drawings want them, in plain decimals. A drawing writes hundreds of them, which the
 * formatters of the library make five times dearer.
 */
public final class Decimal {
  private static final long[] TENS = {1, 10, 100, 1000, 10_000, 100_000, 1_000_000};

  private Decimal() {}

  /**
   * Rounded to so many decimals, half away from zero, zeros kept.
   *
   * @param value below 10¹² in size
   * @param decimals 0 to 6
   */
  public static String of(double value, int decimals) {
    long scaled = Math.round(Math.abs(value) * TENS[decimals]);
    StringBuilder text = new StringBuilder(12);
    if (value < 0 && scaled > 0) {
      text.append('-');
    }
    text.append(scaled / TENS[decimals]);
    if (decimals > 0) {
      text.append('.');
      long rest = scaled % TENS[decimals];
      for (int i = decimals - 1; i >= 0; i--) {
        text.append((char) ('0' + rest / TENS[i] % 10));
      }
    }
    return text.toString();
  }

  /** With so many figures that count; never more than six decimals. */
  public static String figures(double value, int figures) {
    if (value == 0) {
      return "0";
    }
    int whole = (int) Math.floor(Math.log10(Math.abs(value))) + 1;
    return of(value, Math.max(0, Math.min(TENS.length - 1, figures - whole)));
  }
}
