package org.fermix.standins;

import java.util.List;
import java.util.random.RandomGenerator;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.DrainReading;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Oil;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;

/** Machines of every kind with known faults, drawn at random. */
public final class Fleet {
  /** Causes about as usual as owners meet them; the rest is sound. Common practice, no source. */
  private static final List<Chemistry> STARTING_LEAD =
      Chemistry.all().stream()
          .filter(each -> each.isLead() && each.traits().madeForStarting())
          .toList();

  private static final List<Chemistry> LITHIUM =
      Chemistry.all().stream().filter(each -> each.family() == Chemistry.Family.LITHIUM).toList();

  private static final List<Share> SHARES =
      List.of(
          new Share(Cause.WORN, 0.26),
          new Share(Cause.DISCHARGED, 0.13),
          new Share(Cause.LITTLE, 0.08),
          new Share(Cause.CONNECTION, 0.13),
          new Share(Cause.CHARGING, 0.10),
          new Share(Cause.DRAIN, 0.11),
          new Share(Cause.PROTECTION, 0.03),
          new Share(Cause.STARTER, 0.07),
          new Share(Cause.SMALL, 0.04));

  private final HiddenMachine.Instruments instruments;
  private final Wear wear;
  private final RandomGenerator random;

  /**
   * Where worn begins and sound ends, by resistance over new (1) and capacity left (1).
   *
   * @param wornFromResistance least of a worn one
   * @param soundToResistance most of a sound one
   * @param wornToCapacity most of a worn one
   * @param soundFromCapacity least of a sound one
   */
  public record Wear(
      double wornFromResistance,
      double soundToResistance,
      double wornToCapacity,
      double soundFromCapacity) {
    /** Clear of each other. */
    public static final Wear CLEAR = new Wear(1.9, 1.15, 0.7, 0.85);
  }

  private record Share(Cause cause, double share) {}

  /** A fleet drawn from a generator, read with usual instruments. */
  public Fleet(RandomGenerator random) {
    this(HiddenMachine.Instruments.USUAL, Wear.CLEAR, random);
  }

  /** A fleet read with certain instruments, worn and sound as near each other as is said. */
  public Fleet(HiddenMachine.Instruments instruments, Wear wear, RandomGenerator random) {
    this.instruments = instruments;
    this.wear = wear;
    this.random = random;
  }

  /** A machine with a fault as usual as it is. */
  public HiddenMachine machine() {
    double drawn = random.nextDouble();
    for (Share each : SHARES) {
      drawn -= each.share();
      if (drawn < 0) {
        return machine(each.cause());
      }
    }
    return machine(Cause.SOUND);
  }

  /** A machine with this fault. */
  public HiddenMachine machine(Cause cause) {
    return machine(List.of(cause));
  }

  /** A machine with these faults, one or two; the charge is what the worse of them leaves. */
  public HiddenMachine machine(List<Cause> causes) {
    Engine usual = engine();
    boolean protection = causes.contains(Cause.PROTECTION);
    boolean small = causes.contains(Cause.SMALL);
    boolean lithium = protection || random.nextDouble() < 0.15;
    Chemistry chemistry =
        lithium ? LITHIUM.get(0) : STARTING_LEAD.get(random.nextInt(STARTING_LEAD.size()));
    double temperatureC = small ? random.nextDouble(-22, -8) : random.nextDouble(-5, 25);
    BatteryCircuit whenNew = battery(chemistry, usual, temperatureC, small);
    double charge = causes.stream().mapToDouble(this::charge).min().orElseThrow();
    boolean worn = causes.contains(Cause.WORN);
    boolean cellShort = worn && !lithium && random.nextDouble() < 0.2;
    double health =
        worn
            ? random.nextDouble(0.4, wear.wornToCapacity())
            : random.nextDouble(wear.soundFromCapacity(), 1);
    BatteryCircuit now =
        whenNew
            .withResistance(
                worn
                    ? random.nextDouble(wear.wornFromResistance(), 3.5)
                    : random.nextDouble(0.95, wear.soundToResistance()))
            .withCapacityLeft(health);
    boolean connection = causes.contains(Cause.CONNECTION);
    boolean starter = causes.contains(Cause.STARTER);
    boolean broken = connection && random.nextDouble() < 0.2;
    boolean deadStarter = starter && random.nextDouble() < 0.4;
    double path = usual.cableMilliohm() / 1000 + usual.starter().windingOhm(20);
    double extraOhm = connection ? path * random.nextDouble(0.5, 4) : 0;
    Engine engine = usual.departing(departure(starter, usual, extraOhm));
    double accepted =
        DrainReading.acceptedMilliamps(java.util.Optional.empty(), whenNew.ratedAmpHours());
    double life = chemistry.life().calendarYears();
    return new HiddenMachine(
        new HiddenMachine.Truth(
            causes,
            engine,
            usual,
            whenNew,
            now,
            charge,
            temperatureC,
            cellShort,
            protection || broken || deadStarter,
            regulatedVolts(causes.contains(Cause.CHARGING), chemistry),
            causes.contains(Cause.DRAIN)
                ? accepted * random.nextDouble(2, 30)
                : accepted * random.nextDouble(0.05, 0.8),
            extraOhm,
            causes.contains(Cause.LITTLE) || random.nextDouble() < 0.3,
            life * (worn ? random.nextDouble(0.4, 1.6) : random.nextDouble(0.05, 1.1)),
            life),
        instruments,
        random);
  }

  private Engine engine() {
    List<EngineClass> all =
        EngineClass.all().stream().filter(type -> type.traits().turnsEngine()).toList();
    EngineClass type = all.get(random.nextInt(all.size()));
    double litres = type.size().defaultLitres() * random.nextDouble(0.8, 1.3);
    return Engine.usual(
        type,
        Given.typed(litres, Unit.LITRE),
        type.size().defaultCylinders(),
        Oil.find(type.size().defaultOil()).orElseThrow());
  }

  /** Ample for the engine at the temperature, or clearly too small. */
  private BatteryCircuit battery(
      Chemistry chemistry, Engine engine, double temperatureC, boolean small) {
    double cca = 40;
    BatteryCircuit circuit = circuit(chemistry, cca);
    while (cca < 1600 && chance(circuit, engine, temperatureC) < (small ? 0.15 : 0.97)) {
      cca *= 1.12;
      circuit = circuit(chemistry, cca);
    }
    return small
        ? circuit(chemistry, cca)
        : circuit(chemistry, Math.min(1600, cca * random.nextDouble(1.1, 1.6)));
  }

  private static double chance(BatteryCircuit circuit, Engine engine, double temperatureC) {
    return Cranking.chance(
        new Cranking(circuit, engine).sureness(ChargeState.rested(0.75, temperatureC)));
  }

  private static BatteryCircuit circuit(Chemistry chemistry, double cca) {
    double perAmpHour = chemistry.typicalLabel().ccaPerAmpHour();
    double ampHours = cca / perAmpHour;
    return BatteryCircuit.calibrated(
        chemistry,
        1,
        ampHours,
        ampHours / chemistry.typicalLabel().ampHoursPerKg(),
        CrankingRating.cca(cca));
  }

  private Departure departure(boolean starter, Engine usual, double extraOhm) {
    double leads = Math.min(5, 1 + extraOhm / (usual.cableMilliohm() / 1000));
    double tight = starter ? random.nextDouble(2.2, 4) : 1;
    double winding = starter ? random.nextDouble(1.2, 2.5) : 1;
    return new Departure(tight, winding, 1, leads, 1);
  }

  private double charge(Cause cause) {
    double[] shares =
        switch (cause) {
          case WORN -> new double[] {0.35, 0.45};
          case DISCHARGED -> new double[] {0, 0.5};
          case LITTLE -> new double[] {0.1, 0.85};
          case CHARGING -> new double[] {0.3, 0.45};
          case DRAIN -> new double[] {0.05, 0.4};
          case PROTECTION -> new double[] {0.3, 0.2};
          case CONNECTION, STARTER, SMALL, SOUND -> new double[] {0.85, 0.15};
        };
    double drawn = random.nextDouble();
    if (drawn < shares[0]) {
      return random.nextDouble(0.8, 1);
    }
    return drawn < shares[0] + shares[1]
        ? random.nextDouble(0.3, 0.72)
        : random.nextDouble(0.06, 0.22);
  }

  private double regulatedVolts(boolean faulty, Chemistry chemistry) {
    if (!faulty) {
      return random.nextDouble(13.9, 14.4);
    }
    return random.nextDouble() < 0.6
        ? random.nextDouble(12.3, 13.3)
        : chemistry.charging().neverExceedVolts() + random.nextDouble(0.6, 1.8);
  }
}
