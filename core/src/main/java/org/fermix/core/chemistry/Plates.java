package org.fermix.core.chemistry;

/** How its plates are built, as far as life and self-discharge go. */
public enum Plates {
  /** As in cars. */
  STANDARD(""),
  /** The light build of small batteries for motorcycles and powersport: it lives shorter. */
  POWERSPORT("powersport ");

  /** A 12 V battery lighter than this in a powersport machine is of the light build (kg). */
  private static final double LIGHTEST_STANDARD_KG = 10;

  private final String prefix;

  Plates(String prefix) {
    this.prefix = prefix;
  }

  /**
   * The build of one battery.
   *
   * @param powersport true in a machine that takes such batteries
   * @param kgPer12V its mass, of two batteries in series that of one (kg)
   */
  public static Plates of(boolean powersport, double kgPer12V) {
    return powersport && kgPer12V < LIGHTEST_STANDARD_KG ? POWERSPORT : STANDARD;
  }

  /** The row of a parameter in {@code parameters.csv}. */
  String row(String parameter) {
    return prefix + parameter;
  }
}
