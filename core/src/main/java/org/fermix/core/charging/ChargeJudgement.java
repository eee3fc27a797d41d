package org.fermix.core.charging;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.chemistry.ChargingWindow;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Check;

/**
 * What one source does to a battery of one chemistry at a temperature, as findings with their
 * figures; the web words them. The battery maker's own data come first.
 *
 * @param verdict on the voltage, with lead's compensation for temperature taken out
 * @param findings in order of weight
 */
public record ChargeJudgement(ChargingVerdict verdict, List<Effect> findings) {
  /** An alternator's current is limited to this share by a low-resistance load's heat; custom. */
  private static final double ALTERNATOR_SHARE = 0.6;

  /** Copies the list. */
  public ChargeJudgement {
    findings = List.copyOf(findings);
  }

  /**
   * One finding.
   *
   * @param found in the unit of the code
   * @param limit in the same unit
   */
  public record Effect(Code code, double found, double limit) {}

  /** What can be found. */
  public enum Code {
    /** Too low a voltage: it gains nothing or sulfates (V). */
    NEVER_CHARGES,
    /** It stays below full (V). */
    STAYS_BELOW_FULL,
    /** Lead loses water and its grids corrode; flooded can be topped up (V). */
    LOSES_WATER,
    /** A sealed battery dries out for good (V). */
    DRIES_OUT,
    /** Gel bubbles, for good (V). */
    GEL_BUBBLES,
    /** The protection opens; while the engine runs this is a load dump (V). */
    PROTECTION_OPENS,
    /** As above with the engine running: a surge for everything on board (V). */
    LOAD_DUMP,
    /** Pulses or equalising: never on lithium or sodium, nor on gel or AGM. */
    DESULFATE_HARMS,
    /** A float this high wears a lithium battery (V). */
    FLOAT_TOO_HIGH,
    /** Must not be charged this cold (°C). */
    TOO_COLD,
    /** Must not be charged this hot (°C). */
    TOO_HOT,
    /** More current than it should be given (A). */
    TOO_MUCH_CURRENT,
    /** So little current that it takes more than two days to fill (A). */
    LITTLE_CURRENT,
    /** A lithium battery takes all the alternator gives and heats it (A). */
    ALTERNATOR_HEATS,
    /** Cannot start on a battery whose protection has opened (V). */
    CANNOT_WAKE
  }

  /**
   * The judgement.
   *
   * @param ampHours capacity of the battery (Ah)
   */
  public static ChargeJudgement of(
      ChargeSource source, Chemistry chemistry, double ampHours, double temperatureC) {
    Check.within("capacity", ampHours, 0.5, 2000, "Ah");
    double worth = Compensation.worthAt25C(chemistry, source.topVolts(), temperatureC);
    ChargingVerdict verdict = ChargingVerdict.of(chemistry, worth);
    List<Effect> findings = new ArrayList<>();
    volts(findings, source, chemistry, verdict, worth);
    temperature(findings, chemistry, temperatureC);
    current(findings, source, chemistry, ampHours);
    if (source.desulfates() && !chemistry.traits().mayBeEqualised()) {
      findings.add(
          new Effect(
              Code.DESULFATE_HARMS, source.topVolts(), chemistry.charging().neverExceedVolts()));
    }
    if (!chemistry.isLead()
        && source.floatVolts().isPresent()
        && source.floatVolts().getAsDouble() > chemistry.acceptance().floatVolts() + 0.3) {
      findings.add(
          new Effect(
              Code.FLOAT_TOO_HIGH,
              source.floatVolts().getAsDouble(),
              chemistry.acceptance().floatVolts() + 0.3));
    }
    if (chemistry.protection().isPresent()
        && !source.isOnEngine()
        && !source.wakesProtection()
        && source.startsFromVolts() > 0) {
      findings.add(new Effect(Code.CANNOT_WAKE, source.startsFromVolts(), 0));
    }
    return new ChargeJudgement(verdict, findings);
  }

  private static void volts(
      List<Effect> findings,
      ChargeSource source,
      Chemistry chemistry,
      ChargingVerdict verdict,
      double worth) {
    ChargingWindow window = chemistry.charging();
    switch (verdict) {
      case TOO_LOW ->
          findings.add(new Effect(Code.NEVER_CHARGES, worth, window.chargesFromVolts()));
      case PARTLY -> findings.add(new Effect(Code.STAYS_BELOW_FULL, worth, window.fullFromVolts()));
      case TOO_HIGH -> {
        findings.add(new Effect(overcharge(chemistry), worth, window.neverExceedVolts()));
        if (chemistry.protection().isPresent() && source.isOnEngine()) {
          findings.add(new Effect(Code.LOAD_DUMP, worth, window.neverExceedVolts()));
        }
      }
      case FULL, FULL_ABOVE_WINDOW -> {
        // Nothing to report.
      }
    }
  }

  private static Code overcharge(Chemistry chemistry) {
    return switch (chemistry.traits().overcharge()) {
      case LOSES_WATER -> Code.LOSES_WATER;
      case DRIES_OUT -> Code.DRIES_OUT;
      case BUBBLES -> Code.GEL_BUBBLES;
      case PROTECTION_OPENS -> Code.PROTECTION_OPENS;
    };
  }

  private static void temperature(List<Effect> findings, Chemistry chemistry, double temperatureC) {
    if (temperatureC < chemistry.acceptance().coldestC()) {
      findings.add(new Effect(Code.TOO_COLD, temperatureC, chemistry.acceptance().coldestC()));
    } else if (temperatureC > chemistry.acceptance().hottestC()) {
      findings.add(new Effect(Code.TOO_HOT, temperatureC, chemistry.acceptance().hottestC()));
    }
  }

  private static void current(
      List<Effect> findings, ChargeSource source, Chemistry chemistry, double ampHours) {
    double most = chemistry.acceptance().recommendedPerHour() * ampHours;
    if (source.isOnEngine()) {
      if (chemistry.family() == Chemistry.Family.LITHIUM
          && source.kind() == ChargeSource.Kind.ALTERNATOR
          && most > ALTERNATOR_SHARE * source.amps()) {
        findings.add(new Effect(Code.ALTERNATOR_HEATS, most, ALTERNATOR_SHARE * source.amps()));
      }
      return;
    }
    if (source.amps() > most) {
      findings.add(new Effect(Code.TOO_MUCH_CURRENT, source.amps(), most));
    } else if (source.amps() < ampHours / 48 && source.kind() == ChargeSource.Kind.CHARGER) {
      findings.add(new Effect(Code.LITTLE_CURRENT, source.amps(), ampHours / 48));
    }
  }

  /** True when nothing found harms the battery. */
  public boolean isSafe() {
    return findings.stream()
        .noneMatch(
            finding ->
                switch (finding.code()) {
                  case LOSES_WATER,
                      DRIES_OUT,
                      GEL_BUBBLES,
                      PROTECTION_OPENS,
                      LOAD_DUMP,
                      DESULFATE_HARMS,
                      TOO_COLD,
                      TOO_HOT,
                      TOO_MUCH_CURRENT ->
                      true;
                  default -> false;
                });
  }
}
