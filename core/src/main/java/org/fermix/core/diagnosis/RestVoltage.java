package org.fermix.core.diagnosis;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Band;

/**
 * A voltage taken with nothing running. It tells the charge of a lead battery only when the surface
 * charge is gone: hours of rest, or a short load. Of lithium it tells little between 30 and 95 %.
 *
 * @param volts at the posts, 0 to 40 V
 * @param restedHours since it was last charged or driven, 0 to 10,000 h
 * @param surfaceTakenOff by some minutes of headlamps or a short heavy load
 * @param temperatureC of the battery, −40 to 60 °C
 */
public record RestVoltage(
    double volts, double restedHours, boolean surfaceTakenOff, double temperatureC) {
  /** Rest after which the surface charge is gone (h); service literature: 4 to 12. */
  public static final double REST_HOURS = 4;

  /** A lead battery that shows this much (12 V) is not rested, whatever was said (V); custom. */
  public static final double NOT_RESTED_VOLTS = 13.0;

  /**
   * A cell short of a 12 V lead battery that was charged leaves about 10.5 to 10.8 V (handbook);
   * lower, or long after its last charge, it is flat: nothing is said of its cells (V, h).
   */
  private static final double CELL_SHORT_VOLTS = 10.9;

  private static final double CELL_SHORT_LEAST_VOLTS = 9.8;
  private static final double CHARGED_LATELY_HOURS = 72;
  private static final double FLAT_AT_MOST = 0.05;

  private static final double NEAR_ZERO_VOLTS = 5;
  private static final double LITHIUM_LOW_VOLTS = 12.9;
  private static final double LEAD_BAND_VOLTS = 0.05;

  /** Refuses what no battery shows. */
  public RestVoltage {
    ReadingLimits.VOLTS.check(volts);
    ReadingLimits.RESTED.check(restedHours);
    ReadingLimits.TEMPERATURE.check(temperatureC);
  }

  /** What the reading is worth. */
  public enum Worth {
    /** It tells the charge. */
    TELLS_CHARGE,
    /** Surface charge: rest it, or run the headlamps, and read again. */
    NOT_RESTED,
    /** Flat curve: only that it is neither nearly empty nor cut off. */
    SAYS_LITTLE,
    /** A cell is missing. */
    CELL_SHORT,
    /** Nearly nothing: the protection is open, a lead is off, or it is dead. */
    NEAR_ZERO
  }

  /**
   * The judgement.
   *
   * @param charge where the state of charge lies (1); the whole range where it is not told
   * @param evidence empty where the reading settles nothing
   */
  public record Rested(Worth worth, Band charge, Optional<Evidence> evidence) {}

  /** Hours it must rest on before it tells its charge (h); 0 where it has rested long enough. */
  public double hoursToWait() {
    return surfaceTakenOff ? 0 : Math.max(0, REST_HOURS - restedHours);
  }

  /**
   * Judges it.
   *
   * @param series 0.5, 1 or 2 for 6, 12 or 24 V
   */
  public Rested judge(Chemistry chemistry, double series) {
    double twelve = volts / series;
    if (twelve < NEAR_ZERO_VOLTS) {
      return judged(Worth.NEAR_ZERO, new Band(0, 1), chemistry.isLead() ? "flat" : "near_zero");
    }
    if (!chemistry.isLead()) {
      return lithium(chemistry, twelve);
    }
    boolean rested = restedHours >= REST_HOURS || surfaceTakenOff;
    if (twelve >= NOT_RESTED_VOLTS || (!rested && twelve >= fullVolts(chemistry, 0.75))) {
      return new Rested(Worth.NOT_RESTED, new Band(0, 1), Optional.empty());
    }
    if (twelve < CELL_SHORT_LEAST_VOLTS
        || (twelve < CELL_SHORT_VOLTS && restedHours > CHARGED_LATELY_HOURS)) {
      return judged(Worth.TELLS_CHARGE, new Band(0, FLAT_AT_MOST), "flat");
    }
    if (twelve < CELL_SHORT_VOLTS) {
      return judged(Worth.CELL_SHORT, new Band(0, 0.1), "cell_short");
    }
    double at25C = twelve - chemistry.circuit().restVoltsPerKelvin() * (temperatureC - 25);
    double charge = chemistry.chargeAtRest(at25C);
    Band band =
        new Band(
            chemistry.chargeAtRest(at25C - LEAD_BAND_VOLTS),
            chemistry.chargeAtRest(at25C + LEAD_BAND_VOLTS));
    return judged(
        Worth.TELLS_CHARGE, band, charge >= 0.75 ? "full" : charge >= 0.25 ? "low" : "flat");
  }

  private static Rested lithium(Chemistry chemistry, double twelve) {
    if (chemistry.family() == Chemistry.Family.SODIUM) {
      double charge = chemistry.chargeAtRest(twelve);
      Band band = new Band(Math.max(0, charge - 0.15), Math.min(1, charge + 0.15));
      return judged(Worth.TELLS_CHARGE, band, charge >= 0.3 ? "full" : "low");
    }
    if (twelve < LITHIUM_LOW_VOLTS) {
      return judged(Worth.TELLS_CHARGE, new Band(0, chemistry.chargeAtRest(twelve + 0.06)), "low");
    }
    return judged(Worth.SAYS_LITTLE, new Band(0.15, 1), "full");
  }

  private static double fullVolts(Chemistry chemistry, double charge) {
    return chemistry.openCircuitVolts(charge);
  }

  private static Rested judged(Worth worth, Band charge, String outcome) {
    return new Rested(worth, charge, Optional.of(new Evidence(ReadingKind.REST_VOLTS, outcome)));
  }
}
