package org.fermix.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.fermix.core.Examples;
import org.fermix.core.machine.Engine;
import org.fermix.core.reserve.Discharge;
import org.fermix.core.reserve.Load;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIf;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Our circuit against ngspice on the same network: voltage and current within 2 %. */
@EnabledIf("org.fermix.core.electrical.Spice#isInstalled")
class SpiceReferenceTest {
  private static final double ALLOWED = 0.02;

  static final String MEASURES =
      """
      .control
      tran 0.0002 1.6 0 0.0002 uic
      meas tran current find i(VM) at=1.5
      meas tran volts find v(out) at=1.5
      meas tran speed find v(w) at=1.5
      meas tran inrush max i(VM) from=0 to=1.5
      meas tran lowest min v(out) from=0.001 to=1.5
      meas tran meancurrent avg i(VM) from=1 to=1.5
      meas tran meanvolts avg v(out) from=1 to=1.5
      meas tran meanspeed avg v(w) from=1 to=1.5
      quit
      .endc
      .end
      """;

  /**
   * Three pulses of 150 A for 15 s, a minute apart, as starting is imitated on powersport cases.
   */
  @ParameterizedTest
  @CsvSource({"agm, 18, 6.3, 270, 21", "flooded, 20, 6.5, 300, 0", "efb, 60, 17, 600, -18"})
  void threePulses(String chemistry, double ah, double kg, double cca, double temperatureC) {
    BatteryCircuit battery = Examples.circuit(chemistry, ah, kg, cca);
    Spice.Measured spice =
        Spice.run(
            "pulses\n"
                + Spice.battery(battery, 0.8, temperatureC)
                + """
                VL load 0 pwl(0 0 1 0 1.001 150 16 150 16.001 0 76 0 76.001 150 91 150 91.001 0
                + 151 0 151.001 150 166 150 166.001 0 300 0)
                .control
                tran 0.05 290 0 0.05 uic
                meas tran before find v(out) at=0.9
                meas tran first find v(out) at=15.9
                meas tran third find v(out) at=165.9
                meas tran rest find v(out) at=226
                quit
                .endc
                .end
                """);
    ChargeState state = ChargeState.rested(0.8, temperatureC);
    assertThat(battery.restVolts(state))
        .isCloseTo(spice.get("before"), within(ALLOWED * spice.get("before")));
    ChargeState first = battery.after(state, 150, 14.9);
    assertThat(battery.volts(first, 150))
        .isCloseTo(spice.get("first"), within(ALLOWED * spice.get("first")));
    ChargeState later = battery.after(battery.after(state, 150, 15), 0, 60);
    later = battery.after(battery.after(later, 150, 15), 0, 60);
    later = battery.after(later, 150, 14.9);
    assertThat(battery.volts(later, 150))
        .isCloseTo(spice.get("third"), within(ALLOWED * spice.get("third")));
    ChargeState rested = battery.after(battery.after(later, 150, 0.1), 0, 60);
    assertThat(battery.restVolts(rested))
        .isCloseTo(spice.get("rest"), within(0.005 * spice.get("rest")));
  }

  /**
   * A start with inductance, inertia and drag, integrated by the simulator, settles where our
   * balance of torque says: petrol, diesel (without its glow plugs), motorcycle, snowmobile.
   */
  @ParameterizedTest
  @CsvSource({
    "petrol-car, 2.0, 4, 5W-30, agm, 70, 20.5, 760, -18",
    "petrol-car, 5.7, 8, 10W-30, flooded, 60, 15, 600, 0",
    "diesel-car, 1.9, 4, 5W-30, efb, 70, 18.4, 680, 21",
    "motorcycle-single, 0.4, 1, 10W-40, agm, 9, 3.4, 140, 5",
    "motorcycle-multi, 1.2, 2, 10W-40, agm, 18, 6.3, 270, 10",
    "snowmobile, 0.6, 2, two-stroke mix, agm, 18, 6.3, 270, -20"
  })
  void aStartSettlesWhereTheBalanceSays(
      String type,
      double litres,
      int cylinders,
      String oil,
      String chemistry,
      double ah,
      double kg,
      double cca,
      double temperatureC) {
    BatteryCircuit battery = Examples.circuit(chemistry, ah, kg, cca);
    Engine engine = Examples.engine(type, litres, cylinders, oil);
    CrankPoint ours = new Cranking(battery, engine).crank(ChargeState.rested(1, temperatureC));
    Spice.Measured spice =
        Spice.run(SpiceStart.netlist(battery, engine, temperatureC, false, MEASURES));
    double current = spice.get("current");
    double volts = spice.get("volts");
    double rpm = spice.get("speed") * 60 / (2 * Math.PI);
    // A diesel's glow plugs have taken some charge before our cranking begins.
    assertThat(ours.currentA()).isCloseTo(current, within(ALLOWED * current));
    assertThat(ours.volts()).isCloseTo(volts, within(ALLOWED * volts));
    assertThat(ours.rpm()).isCloseTo(rpm, within(ALLOWED * rpm));
    assertThat(spice.get("inrush")).isGreaterThan(1.3 * current);
    assertThat(spice.get("lowest")).isLessThan(volts);
  }

  /**
   * The whole start with inrush and the gas in the cylinders, integrated by both: lowest voltage,
   * peak current and the means of steady cranking. Petrol, diesel, motorcycle.
   */
  @ParameterizedTest
  @CsvSource({
    "petrol-car, 2.0, 4, 5W-30, agm, 70, 20.5, 760, -18",
    "diesel-car, 1.9, 4, 5W-30, efb, 70, 18.4, 680, 25",
    "motorcycle-single, 0.4, 1, 10W-40, agm, 9, 3.4, 140, 5",
    "motorcycle-multi, 1.2, 2, 10W-40, agm, 18, 6.3, 270, 10",
    "aircraft, 5.9, 4, 15W-50, agm, 25, 12, 350, 20"
  })
  void aWholeStartWithCompressions(
      String type,
      double litres,
      int cylinders,
      String oil,
      String chemistry,
      double ah,
      double kg,
      double cca,
      double temperatureC) {
    BatteryCircuit battery = Examples.circuit(chemistry, ah, kg, cca);
    Engine engine = Examples.engine(type, litres, cylinders, oil);
    ChargeState full = ChargeState.rested(1, temperatureC);
    StartTransient ours = StartTransient.of(new Cranking(battery, engine), full, 1.5);
    Spice.Measured spice =
        Spice.run(SpiceStart.netlist(battery, engine, temperatureC, true, MEASURES));
    close(ours.lowestVolts(), spice.get("lowest"));
    close(ours.peakA(), spice.get("inrush"));
    // The coarser trace that the curves use finds the same extremes.
    StartTransient coarse = StartTransient.of(new Cranking(battery, engine), full, 1.5, 0.006);
    close(coarse.lowestVolts(), spice.get("lowest"));
    close(coarse.peakA(), spice.get("inrush"));
    close(ours.steady().currentA(), spice.get("meancurrent"));
    close(ours.steady().volts(), spice.get("meanvolts"));
    close(ours.steady().rpm(), spice.get("meanspeed") * 60 / (2 * Math.PI));
  }

  private static void close(double ours, double outside) {
    assertThat(ours).isCloseTo(outside, within(ALLOWED * outside));
  }

  /** A constant load to 10.5 V takes the simulator as long as our closed form says. */
  @Test
  void aSteadyLoadLastsAsLong() {
    BatteryCircuit battery = Examples.circuit("flooded", 60, 15, 540);
    Spice.Measured spice =
        Spice.run(
            "reserve\n"
                + Spice.battery(battery, 1, 26.7)
                + """
                VL load 0 25
                .control
                tran 5 9000 0 5 uic
                meas tran seconds when v(out)=10.5 fall=1
                quit
                .endc
                .end
                """);
    double ours =
        3600
            * org.fermix.core.reserve.EngineOff.hours(
                battery, ChargeState.rested(1, 26.7), 25, 0, 10.5);
    assertThat(ours).isCloseTo(spice.get("seconds"), within(ALLOWED * ours));
  }

  /** A constant power to 10.5 V: duration, voltage and current on the way. */
  @ParameterizedTest
  @CsvSource({"flooded, 60, 15, 540, 150", "agm, 70, 20.5, 760, 300", "lfp, 20, 4, 320, 120"})
  void aConstantPowerLastsAsLong(String chemistry, double ah, double kg, double cca, double watts) {
    BatteryCircuit battery = Examples.circuit(chemistry, ah, kg, cca);
    Discharge ours =
        Discharge.of(battery, ChargeState.rested(1, 25), new Load.Power(watts, 1), 0, 10.5);
    double half = 1800 * ours.hours();
    Spice.Measured spice =
        Spice.run(
            String.join(
                "\n",
                "power",
                Spice.battery(battery, 1, 25),
                "BLOAD load 0 V=" + watts + "/max(v(out),6)",
                ".control",
                "tran 5 " + 8000 * ours.hours() + " 0 5 uic",
                "meas tran seconds when v(out)=10.5 fall=1",
                "meas tran volts find v(out) at=" + half,
                "meas tran current find v(load) at=" + half,
                "quit",
                ".endc",
                ".end",
                ""));
    Discharge.Point middle = ours.points().get(30);
    close(3600 * ours.hours(), spice.get("seconds"));
    close(middle.volts(), spice.get("volts"));
    close(middle.currentA(), spice.get("current"));
  }
}
