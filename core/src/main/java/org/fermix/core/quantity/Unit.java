package org.fermix.core.quantity;

/**
 * The units figures are kept in (SI or the trade's own), each with its counterpart in US customary
 * use. Conversion happens only at the edge; inside the core one quantity has one unit. Factors are
 * exact by definition (1 lb = 0.45359237 kg, 1 in = 25.4 mm, °F = 1.8 °C + 32).
 */
public enum Unit {
  AMPERE("A"),
  MILLIAMPERE("mA"),
  VOLT("V"),
  MILLIOHM("mΩ"),
  AMPERE_HOUR("Ah"),
  MINUTE("min"),
  SECOND("s"),
  HOUR("h"),
  DAY("d"),
  WEEK("weeks"),
  YEAR("y"),
  RPM("rpm"),
  KILOWATT("kW"),
  NEWTON_METRE("N·m", "lbf·ft", 1.3558179483314, 0),
  KILOGRAM("kg", "lb", 0.45359237, 0),
  MILLIMETRE("mm", "in", 25.4, 0),
  LITRE("l", "cu in", 0.016387064, 0),
  CELSIUS("°C", "°F", 1 / 1.8, 32),
  KELVIN("K", "°F", 1 / 1.8, 0),
  SHARE(""),
  PER_CENT("%"),
  /** A chance in per cent, of which nothing is shown as certain. */
  CHANCE("%"),
  MONEY("¤"),
  MONEY_PER_YEAR("¤/y"),
  MONEY_PER_AMP_HOUR("¤/Ah"),
  COUNT("");

  private final String symbol;
  private final String usSymbol;
  private final double metricPerUs;
  private final double usOffset;

  Unit(String symbol) {
    this(symbol, symbol, 1, 0);
  }

  Unit(String symbol, String usSymbol, double metricPerUs, double usOffset) {
    this.symbol = symbol;
    this.usSymbol = usSymbol;
    this.metricPerUs = metricPerUs;
    this.usOffset = usOffset;
  }

  /** The sign printed after a value in the given system. */
  public String symbol(UnitSystem system) {
    return system == UnitSystem.US ? usSymbol : symbol;
  }

  /** The value as shown in the given system; metric values are returned unchanged. */
  public double shown(double metricValue, UnitSystem system) {
    return system == UnitSystem.US ? metricValue / metricPerUs + usOffset : metricValue;
  }

  /** The metric value of what was typed in the given system; the inverse of {@link #shown}. */
  public double metric(double shownValue, UnitSystem system) {
    return system == UnitSystem.US ? (shownValue - usOffset) * metricPerUs : shownValue;
  }
}
