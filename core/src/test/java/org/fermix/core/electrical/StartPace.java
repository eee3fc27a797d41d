package org.fermix.core.electrical;

import org.fermix.core.Examples;
import org.fermix.core.machine.Engine;
import org.junit.jupiter.api.Test;

/**
 * How long one start takes us and how long the simulator, as a process, on the same network. Run by
 * {@code ./fermix bench}, not with the tests.
 */
class StartPace {
  @Test
  void againstTheSimulator() {
    BatteryCircuit battery = Examples.circuit("agm", 70, 20.5, 760);
    Engine engine = Examples.engine("petrol-car", 2, 4, "5W-30");
    Cranking cranking = new Cranking(battery, engine);
    ChargeState full = ChargeState.rested(1, -18);
    for (int i = 0; i < 2000; i++) {
      StartTransient.of(cranking, full, 1.5, 0.006);
    }
    long begun = System.nanoTime();
    for (int i = 0; i < 100; i++) {
      StartTransient.of(cranking, full, 1.5, 0.006);
    }
    double ours = (System.nanoTime() - begun) / 1e9 / 100;
    begun = System.nanoTime();
    Spice.run(SpiceStart.netlist(battery, engine, -18, true, SpiceReferenceTest.MEASURES));
    double simulator = (System.nanoTime() - begun) / 1e9;
    System.out.printf(
        "one start: ours %.3f ms, ngspice %.0f ms, ratio %.0f%n",
        1000 * ours, 1000 * simulator, simulator / ours);
  }
}
