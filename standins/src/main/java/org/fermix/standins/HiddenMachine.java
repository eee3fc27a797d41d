package org.fermix.standins;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.AfterTry;
import org.fermix.core.diagnosis.CapacityRun;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.ChargingVolts;
import org.fermix.core.diagnosis.CrankingVolts;
import org.fermix.core.diagnosis.DrainReading;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.FaultLight;
import org.fermix.core.diagnosis.LoadTest;
import org.fermix.core.diagnosis.NeedCheck;
import org.fermix.core.diagnosis.PulseTest;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.RestVoltage;
import org.fermix.core.diagnosis.ServiceAge;
import org.fermix.core.diagnosis.SpecificGravities;
import org.fermix.core.diagnosis.Symptom;
import org.fermix.core.diagnosis.TesterReading;
import org.fermix.core.diagnosis.TwoWays;
import org.fermix.core.diagnosis.VoltageDrop;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.machine.Engine;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;

/**
 * A machine with one or two known faults, which is read as a real one is: through instruments with
 * noise, on a circuit that starts or does not. Nothing here reads the tables of the diagnosis;
 * where a reading is an owner's own impression (a look, a memory), it is right about as often as
 * people are.
 */
public final class HiddenMachine {

  /** What new batteries show of their rating; common practice. */
  private static final double NEW_SHOWS = 1.15;

  private static final double SOUND_REGULATOR = 14.2;

  /** Worn so far it seldom holds a charge over night (1). */
  private static final double POOR_SHARE = 0.65;

  /** How much a worn one may gain by a bolted joint: nothing but the instrument's scatter. */
  private static final double TWICE_TESTED_NOISE = 0.04;

  private final Truth truth;
  private final Instruments instruments;
  private final RandomGenerator random;

  /**
   * What it is read with.
   *
   * @param voltNoise standard deviation of a voltage (V)
   * @param voltGain what the meter shows of a true volt (1)
   * @param testerNoise standard deviation of a tester, relative (1)
   * @param drainNoise the same of an ammeter (1)
   * @param shows chance that a fault shows at the moment it is looked for (1)
   * @param impressions how often owners see and remember rightly (1)
   */
  public record Instruments(
      double voltNoise,
      double voltGain,
      double testerNoise,
      double drainNoise,
      double shows,
      double impressions) {
    /** A cheap meter in good order, and a fault that stays. */
    public static final Instruments USUAL = new Instruments(0.02, 1, 0.08, 0.05, 1, 0.8);
  }

  /**
   * What is really so.
   *
   * @param causes the fault, or two
   * @param engine as it really is, its leads and starter with their faults
   * @param usual the engine as its class has it
   * @param whenNew the battery as its label has it
   * @param now the battery as it is
   * @param charge it was found at (1)
   * @param cellShort a cell of it is short
   * @param open nothing flows: a protection, a dead starter or a broken lead
   * @param regulatedVolts with the engine running (V)
   * @param drainMilliamps with everything off (mA)
   * @param extraOhm lost in one bad place of the leads (Ω)
   * @param shortTrips it is driven a few minutes at a time
   * @param ageYears in service (y)
   * @param expectedYears usual for it (y)
   */
  public record Truth(
      List<Cause> causes,
      Engine engine,
      Engine usual,
      BatteryCircuit whenNew,
      BatteryCircuit now,
      double charge,
      double temperatureC,
      boolean cellShort,
      boolean open,
      double regulatedVolts,
      double drainMilliamps,
      double extraOhm,
      boolean shortTrips,
      double ageYears,
      double expectedYears) {
    /** Copies the list. */
    public Truth {
      causes = List.copyOf(causes);
    }

    /** True when this is the matter, alone or with another. */
    public boolean has(Cause cause) {
      return causes.contains(cause);
    }
  }

  /** A machine with a truth behind it. */
  public HiddenMachine(Truth truth, Instruments instruments, RandomGenerator random) {
    this.truth = truth;
    this.instruments = instruments;
    this.random = random;
  }

  /** The fault, of two the first, for comparing at the end. */
  public Cause cause() {
    return truth.causes().get(0);
  }

  /** Every fault. */
  public List<Cause> causes() {
    return truth.causes();
  }

  /** What is really so, for comparing at the end. */
  Truth truth() {
    return truth;
  }

  /** Its battery's chemistry, which its owner knows. */
  public Chemistry chemistry() {
    return truth.whenNew().chemistry();
  }

  /** What follows from label and machine without a reading. */
  public List<Evidence> workedOut() {
    return List.of(
        new ServiceAge(truth.ageYears(), truth.expectedYears()).evidence(),
        NeedCheck.of(truth.whenNew(), truth.usual(), truth.temperatureC()).evidence());
  }

  /** Takes a reading. */
  public TakenReading read(ReadingKind kind) {
    return switch (kind) {
      case SYMPTOM -> TakenReading.of(symptom().evidence());
      case REST_VOLTS -> restVolts();
      case CRANKING_VOLTS -> crankingVolts();
      case LOOK ->
          outcome(
              kind,
              chance(truth.extraOhm() > 0 ? instruments.impressions() : 0.14),
              "loose_or_dirty",
              "clean");
      case CABLE_DROP -> drops();
      case CHARGING_VOLTS -> charging();
      case DRAIN -> drain();
      case TESTER -> tester();
      case LOAD_TEST -> loadTest();
      case AFTER_CHARGE -> held();
      case GRAVITY -> gravity();
      case AGE -> TakenReading.of(workedOut().get(0));
      case NEED -> TakenReading.of(workedOut().get(1));
      case LEFT_ON ->
          outcome(
              kind,
              truth.has(Cause.DISCHARGED) ? chance(instruments.impressions()) : chance(0.14),
              "yes",
              "no");
      case BOOST -> outcome(kind, boosted(), "cranks_well", "no_better");
      case WAKE -> outcome(kind, protectionOpen() && chance(0.92), "wakes", "stays_dead");
      case TRIPS ->
          outcome(
              kind,
              truth.shortTrips() == chance(0.5 + 0.5 * instruments.impressions()),
              "short",
              "long");
      case CAPACITY -> capacity();
      case AFTER_TRY -> afterTry();
      case FAULT_LIGHT -> TakenReading.of(faultLight().evidence());
      case TWO_WAYS -> twoWays();
    };
  }

  private boolean chance(double likely) {
    return random.nextDouble() < likely;
  }

  private static TakenReading outcome(ReadingKind kind, boolean first, String ifSo, String ifNot) {
    return TakenReading.of(new Evidence(kind, first ? ifSo : ifNot));
  }

  private double share() {
    return truth.now().ratedAmps(CrankingTest.COLD_CRANKING)
        / truth.whenNew().ratedAmps(CrankingTest.COLD_CRANKING);
  }

  private boolean protectionOpen() {
    return truth.has(Cause.PROTECTION);
  }

  private ChargeState found() {
    return ChargeState.rested(truth.charge(), truth.temperatureC());
  }

  private double cellLoss() {
    return truth.cellShort() ? 2.0 : 0;
  }

  private CrankPoint crank(BatteryCircuit battery, ChargeState from) {
    return new Cranking(battery, truth.engine()).crank(from);
  }

  private boolean starts(CrankPoint point, double lostVolts) {
    return !truth.open()
        && point.rpm() >= truth.engine().fireRpm(truth.temperatureC())
        && point.volts() - lostVolts >= truth.engine().engineClass().start().voltageFloor();
  }

  private Symptom symptom() {
    if (protectionOpen()) {
      return chance(0.5)
          ? Symptom.SUDDEN_LOSS
          : chance(0.6) ? Symptom.NOTHING : Symptom.DEAD_AFTER_PARKING;
    }
    CrankPoint point = crank(truth.now(), found());
    if (starts(point, cellLoss())) {
      return switch (cause()) {
        case SOUND -> chance(0.85) ? Symptom.STARTS_WELL : Symptom.READS_LOW;
        case DRAIN -> chance(0.7) ? Symptom.DEAD_AFTER_PARKING : Symptom.ONLY_WITH_BOOST;
        case CHARGING -> chance(0.5) ? Symptom.READS_LOW : Symptom.ONLY_WITH_BOOST;
        case DISCHARGED -> chance(0.5) ? Symptom.RAPID_CLICK : Symptom.DEAD_AFTER_PARKING;
        case LITTLE -> chance(0.5) ? Symptom.SLOW : Symptom.READS_LOW;
        default -> chance(0.75) ? Symptom.SLOW : Symptom.STICKS;
      };
    }
    if (truth.open()) {
      return chance(0.8) ? Symptom.NOTHING : Symptom.RAPID_CLICK;
    }
    boolean parked = truth.has(Cause.DRAIN) ? chance(0.5) : chance(0.12);
    if (parked && truth.charge() < 0.75) {
      return Symptom.DEAD_AFTER_PARKING;
    }
    if (truth.charge() < 0.12) {
      return chance(0.6) ? Symptom.NOTHING : Symptom.RAPID_CLICK;
    }
    if (point.rpm() > 20) {
      return chance(0.75) ? Symptom.SLOW : Symptom.STICKS;
    }
    return chance(0.65) ? Symptom.RAPID_CLICK : chance(0.5) ? Symptom.STICKS : Symptom.SLOW;
  }

  private static Shown volt(String what, double value) {
    return new Shown(what, value, Unit.VOLT, 2);
  }

  private double volts(double truly) {
    return Math.max(
        0, instruments.voltGain() * truly + instruments.voltNoise() * random.nextGaussian());
  }

  private TakenReading restVolts() {
    double open =
        protectionOpen() ? random.nextDouble(0, 3) : truth.now().restVolts(found()) - cellLoss();
    double shown = volts(open);
    return TakenReading.of(
        new RestVoltage(shown, 12, false, truth.temperatureC()).judge(chemistry(), 1).evidence(),
        volt("", shown));
  }

  private TakenReading crankingVolts() {
    CrankPoint point = crank(truth.now(), found());
    double shown =
        protectionOpen()
            ? random.nextDouble(0, 2)
            : truth.open()
                ? truth.now().volts(found(), 5) - cellLoss()
                : point.volts() - cellLoss();
    double read = volts(shown);
    return TakenReading.of(
        new CrankingVolts(read, truth.temperatureC()).evidence(chemistry(), 1), volt("", read));
  }

  private TakenReading drops() {
    List<VoltageDrop> drops = new ArrayList<>();
    double amps = truth.open() ? 0 : crank(truth.now(), found()).currentA();
    double sound = truth.usual().cableMilliohm() / 1000;
    // A lead that is broken outright shows the whole voltage across the gap.
    double extra = showsNow() ? truth.extraOhm() : 0;
    double lost = truth.open() && extra > 0 ? 10 : amps * (extra + 0.3 * sound);
    drops.add(
        new VoltageDrop(
            VoltageDrop.Place.find("negative").orElseThrow(), Math.min(30, volts(lost))));
    drops.add(
        new VoltageDrop(
            VoltageDrop.Place.find("positive").orElseThrow(), volts(amps * 0.4 * sound)));
    return TakenReading.of(
        VoltageDrop.evidence(drops, 1),
        drops.stream().map(drop -> volt(drop.place().name(), drop.volts())).toArray(Shown[]::new));
  }

  private TakenReading charging() {
    double regulated =
        volts(truth.has(Cause.CHARGING) && !showsNow() ? SOUND_REGULATOR : truth.regulatedVolts());
    return TakenReading.of(
        new ChargingVolts(regulated - 0.1, regulated, regulated - 0.3, truth.temperatureC())
            .evidence(chemistry(), 1),
        volt("idle", regulated - 0.1),
        volt("fast idle", regulated),
        volt("loads on", regulated - 0.3));
  }

  private TakenReading drain() {
    double accepted =
        DrainReading.acceptedMilliamps(Optional.empty(), truth.whenNew().ratedAmpHours());
    double drawn = truth.has(Cause.DRAIN) && !showsNow() ? 0.4 * accepted : truth.drainMilliamps();
    double shown = Math.max(0, drawn * (1 + instruments.drainNoise() * random.nextGaussian()));
    double read = Math.min(1e5, shown);
    return TakenReading.of(
        new DrainReading(read, 30, List.of()).evidence(accepted),
        new Shown("", read, Unit.MILLIAMPERE, 0));
  }

  private TakenReading tester() {
    double rated = truth.whenNew().ratedAmps(CrankingTest.COLD_CRANKING);
    double shown =
        truth.cellShort()
            ? 0.3 * rated
            : NEW_SHOWS * share() * rated * (1 + instruments.testerNoise() * random.nextGaussian());
    double read = Math.max(0, Math.min(5000, shown));
    return TakenReading.of(
        new TesterReading(read, rated, CrankingTest.COLD_CRANKING, 1).evidence(),
        new Shown("of " + Math.round(rated) + " A set", read, Unit.AMPERE, 0));
  }

  private TakenReading loadTest() {
    double rated = truth.whenNew().ratedAmps(CrankingTest.COLD_CRANKING);
    if (protectionOpen()) {
      return TakenReading.of(
          new PulseTest(rated / 2, LoadTest.SECONDS, 0, List.of(0.3), 13.3, 13.2, 0.95, 20)
              .evidence(truth.whenNew()),
          volt("", 0.3));
    }
    ChargeState full = ChargeState.rested(0.95, 20);
    ChargeState after = truth.now().after(full, rated / 2, LoadTest.SECONDS);
    double shown = volts(truth.now().volts(after, rated / 2) - cellLoss());
    if (chemistry().isLead()) {
      return TakenReading.of(
          new LoadTest(shown, 20, 0.95).evidence(chemistry(), 1), volt("", shown));
    }
    return TakenReading.of(
        new PulseTest(rated / 2, LoadTest.SECONDS, 0, List.of(shown), 13.3, 13.2, 0.95, 20)
            .evidence(truth.whenNew()),
        volt("", shown));
  }

  /** A morning after a charge; one that has fallen is charged and read once more. */
  private TakenReading held() {
    boolean poor = truth.cellShort() || share() < POOR_SHARE;
    boolean fallen = truth.cellShort() || chance(poor ? 0.56 : 0.02);
    boolean again = truth.cellShort() || chance(poor ? 0.7 : 0.1);
    return TakenReading.of(
        new Evidence(
            ReadingKind.AFTER_CHARGE, !fallen ? "holds" : again ? "falls_twice" : "falls"));
  }

  private TakenReading gravity() {
    double each = 1.12 + 0.145 * truth.charge();
    List<Double> cells = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      boolean failing =
          (truth.cellShort() && i == 2) || (truth.has(Cause.WORN) && i == 4 && chance(0.3));
      double low = failing ? 0.07 : 0;
      cells.add(Math.max(1, each - low + 0.004 * random.nextGaussian()));
    }
    return TakenReading.of(
        new SpecificGravities(cells, 26.7).evidence(),
        cells.stream().map(cell -> new Shown("", cell, Unit.COUNT, 3)).toArray(Shown[]::new));
  }

  private boolean showsNow() {
    return chance(instruments.shows());
  }

  private TakenReading capacity() {
    if (protectionOpen()) {
      return TakenReading.of(new Evidence(ReadingKind.CAPACITY, "spent"));
    }
    double left =
        truth.now().capacityAmpHours()
            / truth.whenNew().capacityAmpHours()
            * (1 + 0.05 * random.nextGaussian());
    double found = truth.cellShort() ? 0.5 * left : left;
    return TakenReading.of(
        new Evidence(
            ReadingKind.CAPACITY,
            found >= CapacityRun.KEPT ? "kept" : found >= CapacityRun.SPENT ? "less" : "spent"),
        new Shown("", found * truth.whenNew().ratedAmpHours(), Unit.AMPERE_HOUR, 1));
  }

  private TakenReading afterTry() {
    double left = protectionOpen() ? random.nextDouble(0, 2) : leftAfterTry() - cellLoss();
    double shown = volts(left);
    return TakenReading.of(
        new AfterTry(List.of(), shown, shown).evidence(chemistry(), 1),
        volt("a minute later", shown));
  }

  private double leftAfterTry() {
    if (truth.open()) {
      return truth.now().restVolts(found());
    }
    ChargeState tried = truth.now().after(found(), crank(truth.now(), found()).currentA(), 5);
    return truth.now().volts(truth.now().after(tried, 0, 60), 0);
  }

  private FaultLight faultLight() {
    if (protectionOpen()) {
      return chance(0.45)
          ? FaultLight.LOW
          : chance(0.6) ? FaultLight.NONE : chance(0.5) ? FaultLight.TEMPERATURE : FaultLight.CELL;
    }
    if (truth.has(Cause.WORN) && chance(0.35)) {
      return FaultLight.CELL;
    }
    return truth.charge() < 0.2 && chance(0.6) ? FaultLight.LOW : FaultLight.NONE;
  }

  private TakenReading twoWays() {
    double own = NEW_SHOWS * share() * truth.whenNew().ratedAmps(CrankingTest.COLD_CRANKING);
    double resistance = 3 / Math.max(1, own);
    // Some of the bad places lie beyond the clamps, where both ways find the same.
    boolean between = truth.extraOhm() > 0 && chance(0.75);
    double thin = own * (between ? resistance / (resistance + truth.extraOhm()) : 1);
    TwoWays reading = new TwoWays(scattered(thin), scattered(own));
    return TakenReading.of(
        reading.evidence(),
        new Shown("thin leads", reading.throughLeads(), Unit.AMPERE, 0),
        new Shown("bolted", reading.throughBolt(), Unit.AMPERE, 0));
  }

  private double scattered(double amps) {
    return Math.max(0, Math.min(5000, amps * (1 + TWICE_TESTED_NOISE * random.nextGaussian())));
  }

  private boolean boosted() {
    if (truth.open() && !protectionOpen()) {
      return false;
    }
    Cranking good = new Cranking(truth.whenNew().withResistance(0.6), truth.engine());
    CrankPoint point = good.crank(ChargeState.rested(0.95, truth.temperatureC()));
    return point.rpm() >= truth.engine().fireRpm(truth.temperatureC());
  }
}
