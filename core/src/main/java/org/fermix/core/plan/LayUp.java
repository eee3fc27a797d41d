package org.fermix.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.charging.ChargeJudgement;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.charging.ChargeTime;
import org.fermix.core.charging.ChargingVerdict;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.chemistry.ProtectionParameters;
import org.fermix.core.life.Sulfation;
import org.fermix.core.machine.Seasons;
import org.fermix.core.quantity.Check;
import org.fermix.core.storage.Drain;
import org.fermix.core.storage.Storage;

/**
 * A plan for the months a battery sits: how full to leave it, whether to disconnect it, when to
 * charge it again, with what and for how long, and what it runs into if nobody comes. The battery
 * maker's own storage advice comes first.
 *
 * @param storageCharge to be left at (1)
 * @param recharges in order; none when it sits through
 * @param chargeAtEnd when it is wanted again, the recharges done (1)
 * @param chargeUntouched the same with nothing done (1)
 * @param untouched day each threshold is reached with nothing done, those reached before a year
 *     after the end
 * @param advice in order of weight
 * @param maintainerAmps that would hold it full instead (A)
 */
public record LayUp(
    double storageCharge,
    List<Recharge> recharges,
    double chargeAtEnd,
    double chargeUntouched,
    Map<Storage.Threshold, LocalDate> untouched,
    List<Advice> advice,
    double maintainerAmps) {
  /** Lead is charged again before it falls below this (1): here standing begins to cost it life. */
  public static final double LEAD_TOP_UP = Sulfation.FROM_CHARGE;

  /** Lithium and sodium are looked at when they fall to this (1); estimate. */
  public static final double OTHER_TOP_UP = 0.35;

  /** Months off the machine lithium is left about half full (1); common practice, disputed. */
  public static final double OTHER_STORAGE = 0.60;

  private static final double FULL = ChargeTime.FULLEST;
  private static final double WARM_STORE_C = 25;
  private static final double DISCONNECT_SHARE = 0.5;
  private static final int MOST_RECHARGES = 60;

  /** Copies all. */
  public LayUp {
    recharges = List.copyOf(recharges);
    untouched = Map.copyOf(untouched);
    advice = List.copyOf(advice);
  }

  /**
   * One recharge.
   *
   * @param fromCharge it will have then (1)
   * @param toCharge to charge to (1)
   * @param charger the one to use, by its place in the owner's list; empty when none of them may
   * @param hours on it (h); 0 when none may
   */
  public record Recharge(
      LocalDate day, double fromCharge, double toCharge, Optional<Integer> charger, double hours) {}

  /** What to do besides. */
  public enum Advice {
    /** Take a lead off: the machine draws most of what it loses. */
    DISCONNECT,
    /** The machine would empty it before the end. */
    WOULD_NOT_START_AT_END,
    /** It can freeze as it empties: keep it charged or bring it in. */
    BRING_IN_FROM_FROST,
    /** It loses fast in the heat: a cooler place doubles the time. */
    COOLER_PLACE,
    /** Leave it about half full, not full. */
    STORE_HALF_FULL,
    /** None of the chargers may be used on it. */
    NO_FIT_CHARGER,
    /** A charger owned would harm it: keep it away. */
    KEEP_A_CHARGER_AWAY,
    /** Left alone it would be beyond recovery. */
    COULD_BE_LOST,
    /** A machine that charges low leaves its cells uneven: give it one full balancing charge. */
    BALANCING_CHARGE
  }

  /**
   * What is asked.
   *
   * @param plates how it is built
   * @param ampHours its capacity now, 0.5 to 1,000 Ah
   * @param drain of the machine while parked
   * @param coldestC the coldest it can get there (°C)
   * @param startCharge lowest charge that starts when it is wanted again; empty when none does
   * @param regulatedVolts of the machine's own charging (12 V)
   * @param chargers the owner's
   */
  public record Question(
      Chemistry chemistry,
      Plates plates,
      double ampHours,
      Drain drain,
      Seasons seasons,
      double coldestC,
      LocalDate parked,
      LocalDate wanted,
      double chargeWhenParked,
      OptionalDouble startCharge,
      double regulatedVolts,
      List<ChargeSource> chargers) {
    /** Copies and refuses what cannot be. */
    public Question {
      chargers = List.copyOf(chargers);
      Check.within("capacity", ampHours, 0.5, 1000, "Ah");
      Check.within("charge when parked", chargeWhenParked, 0, 1, "");
      Check.within("coldest temperature", coldestC, -60, 50, "°C");
      if (!wanted.isAfter(parked)) {
        throw new IllegalArgumentException(
            "the day it is wanted again must come after the day it is parked, were "
                + wanted
                + " and "
                + parked);
      }
    }

    private double days() {
      return LayUp.days(parked, wanted);
    }

    private Storage storage(Drain by, LocalDate from) {
      return new Storage(
          chemistry,
          plates,
          ampHours,
          by,
          seasons,
          from.getDayOfYear() - 1,
          chemistry.protection().map(ProtectionParameters::lowestCharge).orElse(0.0));
    }
  }

  /** The plan. */
  public static LayUp of(Question question) {
    Chemistry chemistry = question.chemistry();
    boolean lead = chemistry.isLead();
    double storageCharge = lead ? 1 : OTHER_STORAGE;
    List<Advice> advice = new ArrayList<>();
    Storage connected = question.storage(question.drain(), question.parked());
    Storage alone = question.storage(Drain.steady(0), question.parked());
    boolean disconnect =
        question.drain().meanMilliamps() > 0
            && lost(alone, question) < DISCONNECT_SHARE * lost(connected, question);
    Drain drain = disconnect ? Drain.steady(0) : question.drain();
    double untouched =
        connected.chargeAfter(question.chargeWhenParked(), Math.min(3650, question.days()));
    List<Recharge> recharges = new ArrayList<>();
    double atEnd = recharges(question, drain, storageCharge, recharges);
    advise(advice, question, disconnect, connected, untouched, recharges);
    return new LayUp(
        storageCharge,
        recharges,
        atEnd,
        untouched,
        untouchedDays(question, connected),
        advice,
        connected.maintainerAmps());
  }

  private static double lost(Storage storage, Question question) {
    return question.chargeWhenParked()
        - storage.chargeAfter(question.chargeWhenParked(), Math.min(365, question.days()));
  }

  /** Fills in the recharges and returns the charge at the end. */
  private static double recharges(
      Question question, Drain drain, double storageCharge, List<Recharge> recharges) {
    double least = question.chemistry().isLead() ? LEAD_TOP_UP : OTHER_TOP_UP;
    double charge = question.chargeWhenParked();
    LocalDate day = question.parked();
    if (charge < least) {
      recharges.add(recharge(question, day, charge, storageCharge));
      charge = Math.min(storageCharge, FULL);
    }
    while (recharges.size() < MOST_RECHARGES) {
      double days = question.storage(drain, day).daysTo(charge, least);
      LocalDate due = day.plusDays((long) Math.floor(days));
      if (!due.isBefore(question.wanted()) || due.equals(day)) {
        break;
      }
      double left = question.storage(drain, day).chargeAfter(charge, days(day, due));
      recharges.add(recharge(question, due, left, storageCharge));
      charge = Math.min(storageCharge, FULL);
      day = due;
    }
    double rest = days(day, question.wanted());
    double left = question.storage(drain, day).chargeAfter(charge, Math.min(3650, rest));
    if (!question.chemistry().isLead() || left < question.startCharge().orElse(1) + 0.05) {
      // Lithium is stored half full, so it is filled before it goes back to work.
      LocalDate before = question.wanted().minusDays(1);
      recharges.add(recharge(question, before, left, 1));
      left = FULL;
    }
    return left;
  }

  private static double days(LocalDate from, LocalDate to) {
    return (double) ChronoUnit.DAYS.between(from, to);
  }

  private static Recharge recharge(
      Question question, LocalDate day, double fromCharge, double toCharge) {
    double to = Math.min(FULL, toCharge);
    double from = Math.min(to, Math.max(0, fromCharge));
    double temperatureC =
        chargingPlaceC(question.chemistry(), question.seasons().atDay(day.getDayOfYear() - 1));
    int best = -1;
    double hours = 0;
    for (int i = 0; i < question.chargers().size(); i++) {
      ChargeSource charger = question.chargers().get(i);
      if (!mayCharge(charger, question, temperatureC)) {
        continue;
      }
      double reached =
          Math.min(to, ChargeTime.highest(question.chemistry(), charger.topVolts(), temperatureC));
      if (reached <= from) {
        continue;
      }
      double each =
          ChargeTime.of(
                  question.chemistry(),
                  question.ampHours(),
                  from,
                  reached,
                  charger.amps(),
                  charger.topVolts(),
                  temperatureC)
              .hours();
      if (best < 0 || each < hours) {
        best = i;
        hours = each;
      }
    }
    return new Recharge(day, from, to, best < 0 ? Optional.empty() : Optional.of(best), hours);
  }

  /** Charged where it is warm enough: a battery too cold to charge is brought indoors first. */
  private static double chargingPlaceC(Chemistry chemistry, double storedC) {
    double coldest = chemistry.acceptance().coldestC();
    return Math.min(
        chemistry.acceptance().hottestC(), storedC < Math.max(5, coldest) ? 15 : storedC);
  }

  private static boolean mayCharge(ChargeSource charger, Question question, double temperatureC) {
    if (charger.isOnEngine()) {
      return false;
    }
    ChargeJudgement judgement =
        ChargeJudgement.of(charger, question.chemistry(), question.ampHours(), temperatureC);
    return judgement.isSafe()
        && judgement.verdict() != ChargingVerdict.TOO_LOW
        && charger.topVolts() >= question.chemistry().charging().chargesFromVolts();
  }

  private static Map<Storage.Threshold, LocalDate> untouchedDays(
      Question question, Storage connected) {
    Map<Storage.Threshold, LocalDate> days = new EnumMap<>(Storage.Threshold.class);
    connected
        .thresholds(question.chargeWhenParked(), question.startCharge(), question.coldestC())
        .forEach(
            (threshold, after) -> {
              LocalDate day = question.parked().plusDays((long) Math.floor(after));
              if (day.isBefore(question.wanted().plusYears(1))) {
                days.put(threshold, day);
              }
            });
    return days;
  }

  private static void advise(
      List<Advice> advice,
      Question question,
      boolean disconnect,
      Storage connected,
      double untouched,
      List<Recharge> recharges) {
    Chemistry chemistry = question.chemistry();
    Map<Storage.Threshold, Double> thresholds =
        connected.thresholds(
            question.chargeWhenParked(), question.startCharge(), question.coldestC());
    if (within(thresholds, Storage.Threshold.UNRECOVERABLE, question)) {
      advice.add(Advice.COULD_BE_LOST);
    }
    if (untouched < question.startCharge().orElse(1)) {
      advice.add(Advice.WOULD_NOT_START_AT_END);
    }
    if (within(thresholds, Storage.Threshold.FREEZING, question)) {
      advice.add(Advice.BRING_IN_FROM_FROST);
    }
    if (disconnect) {
      advice.add(Advice.DISCONNECT);
    }
    if (recharges.stream().anyMatch(recharge -> recharge.charger().isEmpty())) {
      advice.add(Advice.NO_FIT_CHARGER);
    }
    if (question.chargers().stream().anyMatch(charger -> harms(charger, question))) {
      advice.add(Advice.KEEP_A_CHARGER_AWAY);
    }
    if (!chemistry.isLead()) {
      advice.add(Advice.STORE_HALF_FULL);
      if (question.regulatedVolts() < chemistry.charging().fullFromVolts()) {
        advice.add(Advice.BALANCING_CHARGE);
      }
    }
    double warmest =
        question.seasons().monthlyC().stream().max(Comparator.naturalOrder()).orElse(WARM_STORE_C);
    if (warmest > WARM_STORE_C) {
      advice.add(Advice.COOLER_PLACE);
    }
  }

  private static boolean within(
      Map<Storage.Threshold, Double> thresholds, Storage.Threshold threshold, Question question) {
    return thresholds.containsKey(threshold) && thresholds.get(threshold) < question.days();
  }

  private static boolean harms(ChargeSource charger, Question question) {
    return !charger.isOnEngine()
        && !ChargeJudgement.of(charger, question.chemistry(), question.ampHours(), 20).isSafe();
  }
}
