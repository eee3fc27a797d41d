package org.fermix.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.DocsTable;
import org.fermix.core.Examples;
import org.fermix.core.Machines;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Oil;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The law of steady cranking and the whole start say the same, for every class and usual size. */
class StartModelsTest {
  private static final double LIKELY = 0.8416;

  static List<Machines.Machine> machines() {
    return Machines.all();
  }

  /** Every class of engine stands in the table of usual machines. */
  @Test
  void everyClassIsThere() {
    assertThat(machines().stream().map(each -> each.engine().engineClass().id()).distinct())
        .containsExactlyInAnyOrderElementsOf(
            EngineClass.all().stream()
                .filter(type -> type.traits().turnsEngine())
                .map(EngineClass::id)
                .toList());
  }

  /** Writes down what the two tests below hold against the workshop. */
  @Test
  void theTableOfStartsIsWrittenDown() {
    DocsTable.write(
        "starts.csv",
        "Usual machines, full and healthy: current at 20 °C with all the battery gives (A), speed and speed"
            + " needed (rpm), coldest start four times in five (°C), seconds to the first turn there and"
            + " at 20 °C, speed of the whole start over that of the law at 20 °C.",
        "machine,current,rpm,needed,floor,first turn at 20,first turn at coldest,whole over law",
        machines().stream().map(StartModelsTest::row).toList());
  }

  private static String row(Machines.Machine machine) {
    Cranking cranking = new Cranking(machine.battery(), machine.engine());
    ChargeState warm = ChargeState.rested(1, 20);
    CrankPoint point = cranking.crank(warm);
    StartTransient whole = StartTransient.of(cranking, warm, 2);
    return String.format(
        java.util.Locale.ROOT,
        "\"%s\",%.0f,%.0f,%.0f,%.0f,%.2f,%.2f,%.2f",
        machine.id(),
        point.currentA() + machine.engine().accessoryA(),
        point.rpm(),
        machine.engine().fireRpm(20),
        new StartLimits(machine.battery(), cranking).startFloorC(1, LIKELY).orElse(99),
        whole.firstTurnS().orElse(-1),
        StartTransient.of(cranking, ChargeState.rested(1, machine.number("coldest")), 2)
            .firstTurnS()
            .orElse(-1),
        whole.steady().rpm() / point.rpm());
  }

  /** Starter current at 20 °C, all that the battery gives: workshop ranges (no source). */
  @ParameterizedTest
  @MethodSource("machines")
  void currentsAreThoseSeenInTheWorkshop(Machines.Machine machine) {
    CrankPoint point =
        new Cranking(machine.battery(), machine.engine()).crank(ChargeState.rested(1, 20));
    assertThat(point.currentA() + machine.engine().accessoryA())
        .isBetween(0.95 * machine.number("current_low"), 1.05 * machine.number("current_high"));
  }

  /** Full, healthy, four starts in five: where such machines are known to start (no source). */
  @ParameterizedTest
  @MethodSource("machines")
  void floorsLieWhereSuchMachinesAreKnownToStart(Machines.Machine machine) {
    Cranking cranking = new Cranking(machine.battery(), machine.engine());
    assertThat(new StartLimits(machine.battery(), cranking).startFloorC(1, LIKELY).orElseThrow())
        .isBetween(machine.number("floor_cold"), machine.number("floor_warm"));
  }

  /** Where the law turns fast enough the whole start turns; full, within a tenth in speed. */
  @ParameterizedTest
  @MethodSource("machines")
  void theLawAndTheWholeStartAgree(Machines.Machine machine) {
    for (double celsius : new double[] {20, machine.number("coldest")}) {
      for (double charge : new double[] {1, 0.6}) {
        Cranking cranking = new Cranking(machine.battery(), machine.engine());
        ChargeState state = ChargeState.rested(charge, celsius);
        CrankPoint law = cranking.crank(state);
        StartTransient whole = StartTransient.of(cranking, state, 2.5);
        if (law.rpm() > 1.2 * machine.engine().fireRpm(celsius)) {
          assertThat(whole.passesFirstCompression()).as(celsius + " °C, " + charge).isTrue();
          if (charge == 1) {
            assertThat(whole.steady().rpm())
                .as(celsius + " °C, " + charge)
                .isCloseTo(law.rpm(), within(0.1 * law.rpm()));
          }
        }
      }
    }
  }

  /**
   * A battery that is empty, cold or far too small gives volts between nothing and its rest, never
   * less; 300 random pairs of any class, one seed.
   */
  @Test
  void voltsAreNeverBelowZero() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(9);
    String[] chemistries = {"flooded", "efb", "agm", "gel", "lfp", "sodium"};
    for (int i = 0; i < 300; i++) {
      EngineClass type = EngineClass.all().get(random.nextInt(EngineClass.all().size()));
      double litres = random.nextDouble(type.size().litresLow(), type.size().litresHigh());
      Engine engine =
          Engine.usual(
              type,
              Given.typed(litres, Unit.LITRE),
              random.nextInt(1, 9),
              Oil.all().get(random.nextInt(Oil.all().size())),
              12);
      double ah = random.nextDouble(2, 110);
      BatteryCircuit battery =
          Examples.circuit(
              chemistries[random.nextInt(6)], ah, ah / 3.5, ah * random.nextDouble(4, 12));
      ChargeState state =
          ChargeState.rested(random.nextDouble(0.01, 1), random.nextDouble(-40, 40));
      Cranking cranking = new Cranking(battery, engine);
      CrankPoint point = cranking.crank(state);
      assertThat(point.volts()).isBetween(0.0, 17.0);
      assertThat(point.rpm()).isGreaterThanOrEqualTo(0);
      StartTransient whole = StartTransient.of(cranking, state, 0.5);
      assertThat(whole.lowestVolts()).isGreaterThanOrEqualTo(0);
      assertThat(whole.trace()).allSatisfy(each -> assertThat(each.volts()).isNotNegative());
      assertThat(battery.volts(state, random.nextDouble(0, 2000))).isNotNegative();
      assertThat(battery.slowVolts(state, random.nextDouble(0, 2000))).isNotNegative();
    }
  }

  /**
   * Share of the full battery's cold cranking amps at part charge and −18 °C: 0.85, 0.65 and 0.40
   * at three quarters, half and a quarter (handbook estimate, ten points either way).
   */
  @Test
  void halfChargeInTheColdLeavesTwoThirds() {
    for (String id : List.of("flooded", "agm")) {
      BatteryCircuit battery = Examples.circuit(id, 62, 16, 540);
      double full = battery.deliverableAmps(ChargeState.rested(1, -18), 30, 7.2);
      double[] charges = {0.75, 0.5, 0.25};
      double[] shares = {0.85, 0.65, 0.40};
      for (int i = 0; i < charges.length; i++) {
        assertThat(battery.deliverableAmps(ChargeState.rested(charges[i], -18), 30, 7.2) / full)
            .isCloseTo(shares[i], within(0.10));
      }
    }
  }

  /** A series field takes less current than magnets when it stalls, and turns faster unloaded. */
  @Test
  void aSeriesFieldIsItsOwnInverse() {
    var starter =
        Engine.usual(
                EngineClass.find("classic").orElseThrow(),
                Given.typed(1.2, Unit.LITRE),
                4,
                Oil.find("20W-50").orElseThrow(),
                6)
            .starter();
    assertThat(starter.fieldA()).isPositive();
    for (double amps = 60; amps < 700; amps += 40) {
      assertThat(starter.currentFor(starter.torque(amps))).isCloseTo(amps, within(0.1));
      double slope = (starter.torque(amps + 0.01) - starter.torque(amps - 0.01)) / 0.02;
      assertThat(starter.torqueSlope(amps)).isCloseTo(slope, within(1e-3 * slope));
    }
    assertThat(starter.voltSecondsPerRadian(starter.fieldA()))
        .isCloseTo(starter.voltSecondsPerRadian(), within(1e-9));
  }
}
