package org.fermix.core.chemistry;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.fermix.core.quantity.Table;
import org.hipparchus.analysis.interpolation.LinearInterpolator;

/**
 * One battery chemistry with the parameters every model reads. All come from {@code parameters.csv}
 * and {@code open-circuit-voltage.csv}; a chemistry is added there, not in code. Two chemistries
 * are equal when their ids are.
 */
public final class Chemistry {
  private static final int GRID = 100;
  private static final Map<String, Chemistry> ALL = readAll();

  private final String id;
  private final String name;
  private final String shortName;
  private final Family family;
  private final CircuitParameters circuit;
  private final Optional<ProtectionParameters> protection;
  private final Map<Plates, StorageParameters> storage = new EnumMap<>(Plates.class);
  private final ChargingWindow charging;
  private final AcceptanceParameters acceptance;
  private final AcceptanceLaw acceptanceLaw;
  private final Map<Plates, LifeParameters> life = new EnumMap<>(Plates.class);
  private final Traits traits;
  private final TypicalLabel typicalLabel;
  private final Map<Plates, UsualMake> usualMakes = new EnumMap<>(Plates.class);
  private final double mostCcaPerAmpHour;
  private final double[] openCircuitVolts;

  private Chemistry(
      String id, Map<String, String> cells, Table coldCharging, double[] openCircuit) {
    Parameters values = new Parameters(id, cells);
    this.id = id;
    this.name = values.text("name");
    this.shortName = values.text("short name");
    this.family = Family.valueOf(values.text("family").toUpperCase(Locale.ROOT));
    this.circuit = values.circuit();
    this.protection = values.protection();
    this.charging = values.charging();
    this.acceptance = values.acceptance();
    this.acceptanceLaw = values.acceptanceLaw(coldCharging);
    for (Plates plates : Plates.values()) {
      storage.put(plates, values.storage(plates));
      life.put(plates, values.life(plates));
    }
    this.traits = values.traits();
    this.typicalLabel = values.typicalLabel();
    for (Plates plates : Plates.values()) {
      usualMakes.put(plates, values.usualMake(plates));
    }
    this.mostCcaPerAmpHour = Plausibility.mostCold(id);
    this.openCircuitVolts = openCircuit;
  }

  /** Broad family: what is true of all lead, all lithium, all sodium batteries. */
  public enum Family {
    LEAD,
    LITHIUM,
    SODIUM
  }

  /** Every chemistry, in table order. */
  public static List<Chemistry> all() {
    return List.copyOf(ALL.values());
  }

  /** The chemistry with the id, if there is one. */
  public static Optional<Chemistry> find(String id) {
    return Optional.ofNullable(ALL.get(id));
  }

  /**
   * The chemistry with the id.
   *
   * @throws IllegalArgumentException when there is none, naming those there are
   */
  public static Chemistry of(String id) {
    return find(id)
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "chemistry must be one of " + ALL.keySet() + ", was " + id));
  }

  /** Stable identifier, as in the tables. */
  public String id() {
    return id;
  }

  /** Full name. */
  public String displayName() {
    return name;
  }

  /** Short name for charts and tables. */
  public String shortName() {
    return shortName;
  }

  /** Broad family. */
  public Family family() {
    return family;
  }

  /** True for lead-acid of any build. */
  public boolean isLead() {
    return family == Family.LEAD;
  }

  /** Circuit parameters of a 12 V battery. */
  public CircuitParameters circuit() {
    return circuit;
  }

  /** The protection usual for it; empty where it needs none. */
  public Optional<ProtectionParameters> protection() {
    return protection;
  }

  /** What code asks of it. */
  public Traits traits() {
    return traits;
  }

  /** Self-discharge of the standard build. */
  public StorageParameters storage() {
    return storage(Plates.STANDARD);
  }

  /** Self-discharge of a build. */
  public StorageParameters storage(Plates plates) {
    return Objects.requireNonNull(storage.get(plates));
  }

  /** Voltages it may be charged at. */
  public ChargingWindow charging() {
    return charging;
  }

  /** How much current it takes. */
  public AcceptanceLaw acceptanceLaw() {
    return acceptanceLaw;
  }

  /** What it may be charged with. */
  public AcceptanceParameters acceptance() {
    return acceptance;
  }

  /** Calendar and cycle life of the standard build. */
  public LifeParameters life() {
    return life(Plates.STANDARD);
  }

  /** Calendar and cycle life of a build. */
  public LifeParameters life(Plates plates) {
    return Objects.requireNonNull(life.get(plates));
  }

  /** What fills the gaps of a label. */
  public TypicalLabel typicalLabel() {
    return typicalLabel;
  }

  /** What batteries of it are usually made like, and cost. */
  public UsualMake usualMake(Plates plates) {
    return Objects.requireNonNull(usualMakes.get(plates));
  }

  /** Cold cranking amps per true ampere-hour that no battery of it exceeds cold (A/Ah). */
  public double mostCcaPerAmpHour() {
    return mostCcaPerAmpHour;
  }

  /**
   * Rested open-circuit voltage of a 12 V battery at 25 °C (V).
   *
   * @param charge state of charge, 0 to 1; beyond the ends the end value holds, since a cell that
   *     is emptier than empty is not modelled
   */
  public double openCircuitVolts(double charge) {
    double place = GRID * Math.max(0, Math.min(1, charge));
    int below = Math.min(GRID - 1, (int) place);
    double share = place - below;
    return openCircuitVolts[below] * (1 - share) + openCircuitVolts[below + 1] * share;
  }

  /** Slope of {@link #openCircuitVolts} over the charge (V); 0 beyond its ends. */
  public double openCircuitSlope(double charge) {
    if (charge < 0 || charge > 1) {
      return 0;
    }
    int below = Math.min(GRID - 1, (int) (GRID * charge));
    return GRID * (openCircuitVolts[below + 1] - openCircuitVolts[below]);
  }

  /**
   * Charge at which the rested battery shows a voltage at 25 °C: the inverse of {@link
   * #openCircuitVolts}; 0 below the empty voltage and 1 above the full one.
   *
   * @param volts of a 12 V battery
   */
  public double chargeAtRest(double volts) {
    for (int i = 1; i <= GRID; i++) {
      double below = openCircuitVolts[i - 1];
      double above = openCircuitVolts[i];
      if (volts <= above) {
        return Math.max(0, (i - 1 + (volts - below) / (above - below)) / GRID);
      }
    }
    return 1;
  }

  private static Map<String, Chemistry> readAll() {
    Table parameters = Table.read(Chemistry.class, "parameters.csv");
    Table coldCharging = Table.read(Chemistry.class, "cold-charging.csv");
    Table curves = Table.read(Chemistry.class, "open-circuit-voltage.csv");
    Map<String, Chemistry> all = new LinkedHashMap<>();
    for (String id : List.copyOf(parameters.rows().get(0).cells().keySet())) {
      if (id.equals("parameter") || id.equals("unit") || id.equals("origin")) {
        continue;
      }
      Map<String, String> cells = new LinkedHashMap<>();
      parameters.rows().forEach(row -> cells.put(row.text("parameter"), row.text(id)));
      all.put(id, new Chemistry(id, cells, coldCharging, curve(curves, id)));
    }
    return all;
  }

  /** The table's straight lines on a grid of hundredths, which meets every row exactly. */
  private static double[] curve(Table curves, String id) {
    List<Table.Row> rows =
        curves.rows().stream().filter(row -> row.text("chemistry").equals(id)).toList();
    double[] charges = rows.stream().mapToDouble(row -> row.number("charge")).toArray();
    for (double charge : charges) {
      if (Math.abs(charge * GRID - Math.rint(charge * GRID)) > 1e-9) {
        throw new IllegalStateException(
            "open-circuit-voltage.csv: charge of " + id + " must be in hundredths, was " + charge);
      }
    }
    var lines =
        new LinearInterpolator()
            .interpolate(charges, rows.stream().mapToDouble(row -> row.number("volts")).toArray());
    double[] grid = new double[GRID + 1];
    for (int i = 0; i <= GRID; i++) {
      grid[i] = lines.value(i / (double) GRID);
    }
    return grid;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Chemistry that && id.equals(that.id);
  }

  @Override
  public int hashCode() {
    return id.hashCode();
  }

  @Override
  public String toString() {
    return id;
  }
}
