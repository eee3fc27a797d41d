package org.fermix.web.chart;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DecimalTest {
  /** Against the decimals of the library, ten thousand numbers of every size. */
  @Test
  void writesWhatTheLibraryWrites() {
    Random random = new Random(5);
    for (int i = 0; i < 10_000; i++) {
      double value = (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(8));
      int decimals = random.nextInt(5);
      BigDecimal exact = new BigDecimal(value).setScale(decimals, RoundingMode.HALF_UP);
      assertThat(Decimal.of(value, decimals))
          .isEqualTo(exact.signum() == 0 ? exact.abs().toPlainString() : exact.toPlainString());
    }
  }

  @Test
  void keepsAsManyFiguresAsCount() {
    for (double value : new double[] {12.3456, -0.0123456, 98765.4, 1, 0.5, 1234.5}) {
      double read = Double.parseDouble(Decimal.figures(value, 4));
      double rounded = new BigDecimal(value).round(new MathContext(4)).doubleValue();
      assertThat(Math.abs(read - value)).isLessThanOrEqualTo(Math.abs(rounded - value) + 1e-6);
    }
    assertThat(Decimal.figures(0, 4)).isEqualTo("0");
    assertThat(Decimal.of(-0.001, 1)).isEqualTo("0.0");
  }
}
