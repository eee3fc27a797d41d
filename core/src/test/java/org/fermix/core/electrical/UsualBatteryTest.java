package org.fermix.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.fermix.core.Machines;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.junit.jupiter.api.Test;

/**
 * The usual battery of a machine, held to what such machines are sold with: ranges a class (common
 * practice, no source) and the invented machines of the tests, each left out of its class in turn.
 */
class UsualBatteryTest {
  /** Ampere-hours that are sane for the usual machine of a class; common practice, no source. */
  @Test
  void isOfASaneSizeInEveryClass() {
    List<Object[]> ranges =
        List.of(
            new Object[] {"petrol-car", 44, 65},
            new Object[] {"diesel-car", 65, 95},
            new Object[] {"electric-car", 35, 60},
            new Object[] {"motorcycle-single", 6, 12},
            new Object[] {"motorcycle-multi", 8, 16},
            new Object[] {"utility", 12, 22},
            new Object[] {"snowmobile", 14, 20},
            new Object[] {"watercraft", 14, 22},
            new Object[] {"outboard", 50, 80},
            new Object[] {"inboard-petrol", 60, 100},
            new Object[] {"inboard-diesel", 75, 120},
            new Object[] {"mower", 16, 30},
            new Object[] {"classic", 40, 65},
            new Object[] {"aircraft", 20, 38});
    assertThat(ranges).hasSameSizeAs(EngineClass.all());
    for (Object[] range : ranges) {
      EngineClass type = EngineClass.find((String) range[0]).orElseThrow();
      UsualBattery usual = UsualBattery.of(Engine.usual(type));
      assertThat(usual.ampHours()).as(type.id()).isBetween(number(range[1]), number(range[2]));
      assertThat(usual.massKg() / usual.ampHours() * usual.series()).isBetween(0.2, 0.45);
    }
  }

  private static double number(Object value) {
    return ((Number) value).doubleValue();
  }

  /**
   * Each machine of a class of several left out: the line through the others, by least squares,
   * says its amps within a quarter; ours, fitted to all, within a fifth on average.
   */
  @Test
  void holdsForAMachineItWasNotFittedTo() {
    double sum = 0;
    int counted = 0;
    var byClass =
        Machines.all().stream()
            .filter(each -> each.engine().nominalVolts() == 12)
            .collect(Collectors.groupingBy(each -> each.row().text("class")));
    for (List<Machines.Machine> machines : byClass.values()) {
      for (Machines.Machine left : machines) {
        double own = Math.log(expected(left) / left.number("cca"));
        sum += Math.abs(own);
        counted++;
        List<Machines.Machine> others =
            machines.stream().filter(each -> !each.id().equals(left.id())).toList();
        if (others.stream().mapToDouble(each -> each.number("litres")).distinct().count() >= 3) {
          assertThat(Math.abs(Math.log(line(others, left) / left.number("cca"))))
              .as(left.id())
              .isLessThan(0.45);
        }
      }
    }
    assertThat(counted).isGreaterThan(30);
    assertThat(sum / counted).isLessThan(0.2);
  }

  private static double expected(Machines.Machine machine) {
    return UsualBattery.of(machine.engine(), Chemistry.of(machine.row().text("chemistry")))
        .coldCrankingAmps();
  }

  private static double line(List<Machines.Machine> others, Machines.Machine left) {
    double n = others.size();
    double x = others.stream().mapToDouble(each -> each.number("litres")).sum() / n;
    double y = others.stream().mapToDouble(each -> each.number("cca")).sum() / n;
    double xy = 0;
    double xx = 0;
    for (Machines.Machine each : others) {
      xy += (each.number("litres") - x) * (each.number("cca") - y);
      xx += (each.number("litres") - x) * (each.number("litres") - x);
    }
    return Math.max(50, y + xy / xx * (left.number("litres") - x));
  }

  /** As much again for each step of chemistry, as shops print; common practice, no source. */
  @Test
  void chemistriesOfOneMachineStandAsTheyAreSold() {
    Engine engine = Engine.usual(EngineClass.find("petrol-car").orElseThrow());
    UsualBattery flooded = UsualBattery.of(engine, Chemistry.of("flooded"));
    UsualBattery agm = UsualBattery.of(engine, Chemistry.of("agm"));
    UsualBattery lfp = UsualBattery.of(engine, Chemistry.of("lfp"));
    assertThat(agm.ampHours()).isEqualTo(flooded.ampHours());
    assertThat(agm.coldCrankingAmps() / flooded.coldCrankingAmps()).isBetween(1.1, 1.3);
    assertThat(lfp.ampHours()).isLessThan(0.75 * flooded.ampHours());
    assertThat(lfp.massKg()).isLessThan(0.5 * flooded.massKg());
  }
}
