package org.fermix.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.fermix.core.Examples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EngineReferenceTest {
  /** Common practice, no source: about one CCA a cubic inch for petrol, two for diesel. */
  @Test
  void displacementRule() {
    double sixtyCubicInches = 60 * 0.016387064;
    assertThat(Examples.engine("petrol-car", sixtyCubicInches, 4, "5W-30").ruleOfThumbCca())
        .isCloseTo(60, within(1e-9));
    assertThat(Examples.engine("petrol-car", 1.0, 4, "5W-30").ruleOfThumbCca())
        .isCloseTo(61, within(0.1));
    assertThat(Examples.engine("diesel-car", sixtyCubicInches, 4, "5W-30").ruleOfThumbCca())
        .isCloseTo(120, within(1e-9));
  }

  /**
   * SAE J300 low-temperature cranking viscosity limits (2015 edition onward, from memory): every
   * winter grade stays below its limit at its temperature, density 0.90.
   */
  @ParameterizedTest
  @CsvSource({
    "0W-30, -35, 6200",
    "5W-30, -30, 6600",
    "10W-40, -25, 7000",
    "15W-40, -20, 7000",
    "20W-50, -15, 9500"
  })
  void winterGradesMeetTheirCrankingLimit(String grade, double temperatureC, double limitMpas) {
    double mpas = 0.90 * Oil.find(grade).orElseThrow().viscosity(temperatureC);
    assertThat(mpas).isBetween(0.7 * limitMpas, limitMpas);
  }

  /** Typical 5W-30 at 40 °C: 60 to 66 mm²/s on data sheets (common practice, no source). */
  @Test
  void multigradeAtFortyDegrees() {
    assertThat(Oil.find("5W-30").orElseThrow().viscosity(40)).isBetween(57.0, 66.0);
  }

  @Test
  void everyClassNamesAnOilAndADefaultSizeInRange() {
    for (EngineClass type : EngineClass.all()) {
      assertThat(Oil.find(type.size().defaultOil())).as(type.id()).isPresent();
      assertThat(type.size().defaultLitres())
          .isBetween(type.size().litresLow(), type.size().litresHigh());
    }
  }

  @Test
  void impossibleEnginesAreRefusedByName() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Examples.engine("petrol-car", -1, 4, "5W-30"))
        .withMessage("displacement must be from 0.02 to 20 l, was -1 l");
  }
}
