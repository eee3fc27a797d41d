package org.fermix.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Runs ngspice, a general-purpose circuit simulator, on a netlist. It integrates the same network
 * by its own methods, so it checks our closed forms and our numerics, not the physics.
 */
public final class Spice {
  private static final Pattern MEASURED =
      Pattern.compile("(?m)^(\\w+)\\s*=\\s*([-+0-9.]+e[-+][0-9]+)\\b");

  private Spice() {}

  /** What the simulator measured. */
  public record Measured(Map<String, Double> values, String output) {
    public double get(String name) {
      Double value = values.get(name);
      if (value == null) {
        throw new AssertionError(name + " was not measured:\n" + output);
      }
      return value;
    }
  }

  /** True where the simulator is installed; {@code ./fermix test} installs it. */
  public static boolean isInstalled() {
    return Files.isExecutable(Path.of("/usr/bin/ngspice"));
  }

  /** Results of the netlist's {@code meas} lines, by lower-case name. */
  public static Measured run(String netlist) {
    try {
      Path file = Files.createTempFile("fermix", ".cir");
      Files.writeString(file, netlist);
      Process process =
          new ProcessBuilder("/usr/bin/ngspice", "-n", "-b", file.toString())
              .redirectErrorStream(true)
              .start();
      String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
      Files.delete(file);
      Map<String, Double> measured = new LinkedHashMap<>();
      Matcher matcher = MEASURED.matcher(output);
      while (matcher.find()) {
        measured.put(matcher.group(1), Double.parseDouble(matcher.group(2)));
      }
      assertThat(measured).as(output).isNotEmpty();
      return new Measured(measured, output);
    } catch (IOException e) {
      throw new AssertionError(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new AssertionError(e);
    }
  }

  /**
   * The battery as a network: one capacitor a well, a resistor between them, a double-layer
   * capacitor across the charge-transfer diode pair, and the terminal voltage as a behavioural
   * source at node {@code out}. The load's current is the voltage of node {@code load} (V for A).
   *
   * @param charge at the start, rested
   */
  public static String battery(BatteryCircuit battery, double charge, double temperatureC) {
    var p = battery.chemistry().circuit();
    double kelvin = temperatureC + 273.15;
    double cold = (1 / kelvin - 1 / 298.15) / 8.314462618;
    double coulombs = battery.capacityAmpHours() * 3600;
    double c = battery.surfaceShare();
    double rate = p.exchangePerHour() / 3600 * Math.exp(-p.exchangeEnergyJPerMol() * cold);
    double c1 = c * coulombs;
    double c2 = (1 - c) * coulombs;
    double ohm =
        battery.resistanceOhm()
            * (p.constantShare()
                + (1 - p.constantShare()) * Math.exp(p.resistanceEnergyJPerMol() * cold));
    double twiceExchange =
        2
            * p.transferOffsetVolts()
            / battery.resistanceOhm()
            * Math.exp(-p.transferEnergyJPerMol() * cold);
    double thermal = p.cells() * 2 * 8.314462618 * kelvin / 96485.33212;
    double unusable = Math.max(0, p.coldLossPerKelvin() * (25 - temperatureC));
    StringBuilder table = new StringBuilder("pwl(v(h1)");
    for (int percent = 0; percent <= 100; percent += 5) {
      table
          .append(", ")
          .append(percent / 100.0)
          .append(", ")
          .append(battery.chemistry().openCircuitVolts(percent / 100.0));
    }
    table.append(")");
    return String.join(
        "\n",
        "C1 h1 0 " + c1 + " ic=" + charge,
        "C2 h2 0 " + c2 + " ic=" + charge,
        "R12 h1 h2 " + (1 / c1 + 1 / c2) / rate,
        "BI h1 0 I=v(load)",
        "CD ve 0 " + battery.doubleLayerFarads() + " ic=0",
        "BE ve 0 I=" + twiceExchange + "*sinh(v(ve)/" + thermal + ")",
        "BL 0 ve I=v(load)",
        "BV out 0 V="
            + table
            + "+"
            + p.restVoltsPerKelvin() * (temperatureC - 25)
            + "-v(load)*"
            + ohm
            + "*("
            + (1 - p.emptyRise())
            + "+"
            + p.emptyRise()
            + "*"
            + (1 - unusable)
            + "/(v(h1)-"
            + unusable
            + "))-v(ve)",
        "");
  }

  /**
   * Waveforms of a netlist whose control block writes them with {@code wrdata FILE ...}; one array
   * of time and values a row.
   *
   * @param netlist with the word FILE where the file's name goes
   */
  public static List<double[]> waveforms(String netlist) {
    try {
      Path data = Files.createTempFile("fermix", ".data");
      Path file = Files.createTempFile("fermix", ".cir");
      Files.writeString(file, netlist.replace("FILE", data.toString()));
      Process process =
          new ProcessBuilder("/usr/bin/ngspice", "-n", "-b", file.toString())
              .redirectErrorStream(true)
              .start();
      String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
      List<double[]> rows =
          Files.readAllLines(data).stream()
              .map(
                  line ->
                      Arrays.stream(line.strip().split("\\s+", -1))
                          .mapToDouble(Double::parseDouble)
                          .toArray())
              .toList();
      Files.delete(file);
      Files.delete(data);
      assertThat(rows).as(output).isNotEmpty();
      return rows;
    } catch (IOException e) {
      throw new AssertionError(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new AssertionError(e);
    }
  }
}
