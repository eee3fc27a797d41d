package org.fermix.core.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A plant hardiness zone: steps of the coldest night of an average winter, as gardeners know their
 * place by. USDA Plant Hardiness Zone Map (2023): zone n begins at −60 °F + 10 °F·(n − 1), in
 * halves a and b of 5 °F (from memory).
 *
 * @param code as “7b”
 * @param lowC and highC of the average annual extreme minimum (°C)
 */
public record HardinessZone(String code, double lowC, double highC) {
  private static final int FIRST = 3;
  private static final int LAST = 13;
  private static final double COLDEST_F = -60;
  private static final double STEP_F = 10;
  private static final double HALF_F = 5;
  private static final double FREEZING_F = 32;
  private static final double F_PER_K = 1.8;
  private static final List<HardinessZone> ALL = all(FIRST, LAST);

  private static List<HardinessZone> all(int first, int last) {
    List<HardinessZone> zones = new ArrayList<>();
    for (int zone = first; zone <= last; zone++) {
      double lowF = COLDEST_F + STEP_F * (zone - 1);
      zones.add(new HardinessZone(zone + "a", celsius(lowF), celsius(lowF + HALF_F)));
      zones.add(new HardinessZone(zone + "b", celsius(lowF + HALF_F), celsius(lowF + STEP_F)));
    }
    return List.copyOf(zones);
  }

  private static double celsius(double fahrenheit) {
    return (fahrenheit - FREEZING_F) / F_PER_K;
  }

  /** Zones 3a to 13b; colder ones are colder than the models go. */
  public static List<HardinessZone> all() {
    return ALL;
  }

  /** The zone of a code, if there is one. */
  public static Optional<HardinessZone> find(String code) {
    String plain = code.strip().toLowerCase(Locale.ROOT);
    return ALL.stream().filter(zone -> zone.code().equals(plain)).findFirst();
  }

  /** The middle of it: the coldest morning of an average winter (°C). */
  public double coldestMorningC() {
    return (lowC + highC) / 2;
  }
}
