package org.fermix.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.Examples;
import org.fermix.core.machine.Engine;
import org.junit.jupiter.api.Test;

class CrankingModelTest {
  private static final BatteryCircuit AGM_70 = Examples.circuit("agm", 70, 20.5, 760);
  private static final Engine SALOON = Examples.engine("petrol-car", 2.0, 4, "5W-30");

  /**
   * Engine need over temperature, handbook chart: 155 % at 0 °C and 210 % at −17.8 °C of the torque
   * at 26.7 °C (widely printed; from memory, drawn for mineral multigrade; 15 % allowed).
   */
  @Test
  void dragGrowsWithColdAsTheHandbookSays() {
    Engine v8 = Examples.engine("petrol-car", 5.7, 8, "10W-30");
    double warm = drag(v8, 26.7);
    assertThat(drag(v8, 0) / warm).isCloseTo(1.55, within(0.15 * 1.55));
    assertThat(drag(v8, -17.8) / warm).isCloseTo(2.10, within(0.15 * 2.10));
  }

  private static double drag(Engine engine, double temperatureC) {
    return engine.dragAt(temperatureC).torque(100);
  }

  /** Kirchhoff and the torque balance hold at the solution: a second route to the same point. */
  @Test
  void solutionBalancesVoltsAndTorque() {
    ChargeState state = ChargeState.rested(0.8, -10);
    CrankPoint point = new Cranking(AGM_70, SALOON).crank(state);
    double pathOhm =
        SALOON.cableMilliohm() / 1000 + 0.018 / SALOON.starterKw() * (1 + 0.0039 * (-10 - 25));
    double backVolts = point.volts() - point.currentA() * pathOhm - 1.4;
    double omega = point.rpm() * 2 * Math.PI / 60;
    double torque = 0.85 * backVolts / omega * (point.currentA() - 30 * SALOON.starterKw());
    assertThat(torque).isCloseTo(SALOON.dragAt(-10).torque(point.rpm()), within(0.05));
    double drawn = point.currentA() + 10;
    assertThat(AGM_70.volts(AGM_70.after(state, drawn, 1.5), drawn))
        .isCloseTo(point.volts(), within(1e-3));
  }

  /** Colder, emptier and older are never easier for lead; a fixed seed, 300 random pairs. */
  @Test
  void colderEmptierAndOlderAreNeverEasierForLead() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(20261124);
    String[] types = {"petrol-car", "diesel-car", "motorcycle-multi", "outboard", "snowmobile"};
    for (int i = 0; i < 300; i++) {
      double ah = random.nextDouble(15, 110);
      BatteryCircuit battery =
          Examples.circuit(
              random.nextBoolean() ? "flooded" : "agm",
              ah,
              ah / 3.5,
              ah * random.nextDouble(7, 14));
      Engine engine =
          Examples.engine(
              types[random.nextInt(types.length)], random.nextDouble(0.4, 2.2), 2, "10W-30");
      double temperatureC = random.nextDouble(-30, 30);
      double charge = random.nextDouble(0.4, 1);
      double here = sureness(battery, engine, charge, temperatureC);
      assertThat(here).isFinite();
      assertThat(sureness(battery, engine, charge, temperatureC - 3))
          .isLessThanOrEqualTo(here + 1e-6);
      assertThat(sureness(battery, engine, charge - 0.1, temperatureC))
          .isLessThanOrEqualTo(here + 1e-6);
      assertThat(sureness(battery.worn(0.8), engine, charge, temperatureC))
          .isLessThanOrEqualTo(here + 1e-6);
    }
  }

  private static double sureness(
      BatteryCircuit battery, Engine engine, double charge, double temperatureC) {
    return new Cranking(battery, engine).sureness(ChargeState.rested(charge, temperatureC));
  }

  @Test
  void startFloorIsWhereTheAskedSurenessIsJustMet() {
    Cranking cranking = new Cranking(AGM_70, Examples.engine("diesel-car", 1.9, 4, "5W-30"));
    double floor = new StartLimits(AGM_70, cranking).startFloorC(0.9, 1.28).orElseThrow();
    assertThat(cranking.sureness(ChargeState.rested(0.9, floor))).isCloseTo(1.28, within(0.01));
    assertThat(floor).isBetween(-40.0, 0.0);
  }

  @Test
  void tooSmallABatteryHasNoStartFloor() {
    BatteryCircuit tiny = Examples.circuit("agm", 4, 1.5, 60);
    Engine diesel = Examples.engine("diesel-car", 6.6, 8, "15W-40");
    StartLimits limits = new StartLimits(tiny, new Cranking(tiny, diesel));
    assertThat(limits.startFloorC(1, 1.28)).isEmpty();
    assertThat(limits.lowestCharge(0, 1.28)).isEmpty();
  }
}
