package org.fermix.core.electrical;

import org.fermix.core.machine.Engine;

/** The netlist of a start, for ngspice: starter, leads, engine and battery. */
public final class SpiceStart {
  private SpiceStart() {}

  /**
   * A start of a full battery.
   *
   * @param gas with the gas in the cylinders, or without
   * @param control the simulator's control block and end
   */
  public static String netlist(
      BatteryCircuit battery, Engine engine, double temperatureC, boolean gas, String control) {
    var starter = engine.starter();
    double ohm = engine.cableMilliohm() / 1000 + starter.windingOhm(temperatureC);
    double kE = starter.voltSecondsPerRadian();
    Engine.DragAt drag = engine.dragAt(temperatureC);
    double perRadian = Math.pow(60 / (2 * Math.PI), 0.35);
    return String.join(
        "\n",
        "start",
        Spice.battery(battery, 1, temperatureC),
        "BLOAD load 0 V=i(VM)+10",
        "VM out m1 0",
        "RM m1 m2 " + ohm,
        "LM m2 m3 " + starter.inductanceH() + " ic=0",
        "BM m3 0 V=" + kE + "*v(w)+1.4*tanh(i(VM)/2)",
        "CJ w 0 " + starter.inertiaKgM2() + " ic=0",
        "BT 0 w I=0.85*" + kE + "*max(i(VM)-" + starter.idleA() + ",0)",
        "CA angle 0 1 ic=" + StartTransient.REST_ANGLE,
        "BA 0 angle I=v(w)",
        "BG w 0 I=" + (gas ? gasTorque(engine) : "0"),
        "BD w 0 I=("
            + drag.constantNm()
            + "+"
            + drag.viscousNm() * perRadian
            + "*pow(max(abs(v(w)),0.1),0.35))*tanh(v(w)/0.5)",
        control,
        "");
  }

  /** The polytropic gas torque of each cylinder, written out a second time for the simulator. */
  private static String gasTorque(Engine engine) {
    double swept = engine.displacementLitres() / 1000 / engine.cylinders();
    double clearance = swept / (engine.engineClass().drag().compressionRatio() - 1);
    double cycle = 4 * Math.PI;
    double held =
        engine.engineClass().id().startsWith("motorcycle")
            ? 0.2
            : engine.engineClass().drag().compressionHeld();
    StringBuilder sum = new StringBuilder("0");
    for (int i = 0; i < engine.cylinders(); i++) {
      String shifted = "(v(angle)+" + (cycle - i * cycle / engine.cylinders()) % cycle + ")";
      String own = "(" + shifted + "-" + cycle + "*floor(" + shifted + "/" + cycle + "))";
      String volume = "(" + clearance + "+" + swept / 2 + "*(1+cos(" + own + ")))";
      String pulse = "*" + held * 1e5 * swept / 2 + "*sin(" + own + ")*(pow(";
      String steady = pulse + (swept + clearance) + "/" + volume + ",1.25)-1)";
      String within = "*u(" + 2 * Math.PI + "-" + own + ")";
      double restOwn = StartTransient.REST_ANGLE - i * cycle / engine.cylinders();
      restOwn -= cycle * Math.floor(restOwn / cycle);
      // The stroke it rested in starts at atmospheric pressure.
      double until =
          restOwn < 2 * Math.PI ? StartTransient.REST_ANGLE + 2 * Math.PI - restOwn : -99;
      String later = "u(v(angle)-(" + until + "))";
      if (restOwn < Math.PI) {
        double restVolume = clearance + swept / 2 * (1 + Math.cos(restOwn));
        sum.append("+(1-" + later + ")" + pulse + restVolume + "/" + volume + ",1.25)-1)");
      }
      sum.append("+" + later + within + steady);
    }
    return sum.toString();
  }
}
