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
        "BLOAD load 0 V=i(VM)+" + engine.accessoryA(),
        "VM out m1 0",
        "RM m1 m2 " + ohm,
        "LM m2 m3 " + starter.inductanceH() + " ic=0",
        "BM m3 0 V=" + kE + "*v(w)+" + starter.brushVolts() + "*tanh(i(VM)/2)",
        "CJ w 0 " + starter.inertiaKgM2() + " ic=0",
        "BT 0 w I=0.85*" + kE + "*max(i(VM)-" + starter.idleA() + ",0)",
        "CA angle 0 1 ic=" + StartTransient.REST_ANGLE,
        "BA 0 angle I=v(w)",
        "CQ q 0 1 ic=1",
        "BQ 0 q I=" + (gas ? leak(engine) : "0"),
        "BG w 0 I=" + (gas ? "v(q)*(" + gasTorque(engine) + ")" : "0"),
        "BD w 0 I=("
            + drag.constantNm()
            + "+"
            + drag.viscousNm() * perRadian
            + "*pow(max(abs(v(w)),0.1),0.35))*tanh(v(w)/0.5)",
        control,
        "");
  }

  /**
   * What a crawled compression leaks off, written out a second time: the share of the trapped gas
   * is the voltage of a capacitor, filled again within a few hundredths of a turn after each change
   * from one cylinder to the next.
   */
  private static String leak(Engine engine) {
    double swept = engine.displacementLitres() / 1000 / engine.cylinders();
    double clearance = swept / (engine.engineClass().drag().compressionRatio() - 1);
    double cycle = engine.engineClass().twoStroke() ? 2 * Math.PI : 4 * Math.PI;
    double spacing = cycle / engine.cylinders();
    double seconds = 0.3 * Math.pow(engine.cylinderLitres() / 0.5, 2.0 / 3);
    double peak = Math.pow((swept + clearance) / clearance, 1.25) - 1;
    String turned = "((v(angle)-" + Math.PI + ")/" + spacing + "+0.5)";
    String sinceChange = "(" + turned + "-floor(" + turned + "))*" + spacing;
    String own = "(" + Math.PI + "+(" + turned + "-floor(" + turned + ")-0.5)*" + spacing + ")";
    String volume = "(" + clearance + "+" + swept / 2 + "*(1+cos(" + own + ")))";
    String share = "(pow(" + (swept + clearance) + "/" + volume + ",1.25)-1)/" + peak;
    return "-v(q)*"
        + share
        + "/"
        + seconds
        + "*25/(25+v(w)*v(w))+3e4*(1-v(q))*u(0.02-"
        + sinceChange
        + ")";
  }

  /** The polytropic gas torque of each cylinder, written out a second time for the simulator. */
  private static String gasTorque(Engine engine) {
    double swept = engine.displacementLitres() / 1000 / engine.cylinders();
    double clearance = swept / (engine.engineClass().drag().compressionRatio() - 1);
    double cycle = 4 * Math.PI;
    double held =
        engine.cylinderLitres() >= engine.engineClass().drag().decompressorFromLitres()
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
