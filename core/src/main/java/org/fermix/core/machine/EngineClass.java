package org.fermix.core.machine;

import java.util.List;
import java.util.Optional;
import org.fermix.core.permission.Property;
import org.fermix.core.quantity.Table;

/**
 * A class of engine with its drag, starter and start; a row of {@code engine-classes.csv}, where
 * units and origins stand.
 */
public record EngineClass(
    String id,
    String name,
    boolean twoStroke,
    boolean diesel,
    Drag drag,
    Start start,
    Size size,
    Traits traits) {

  /**
   * Mean drag pressure while cranking.
   *
   * @param constantKpa friction and compression losses (kPa)
   * @param viscousKpa part that follows oil viscosity and speed, at 100 mm²/s and 220 rpm (kPa)
   * @param referenceLitres displacement at which the two hold without correction (l)
   * @param compressionRatio usual; trapped, for two-strokes (1)
   * @param inertiaPerLitre of crankshaft, flywheel and pistons (kg·m²/l)
   * @param decompressorFromLitres cylinders from this size have an automatic decompressor (l)
   * @param compressionHeld share of the ideal gauge pressure the first stroke reaches (1)
   * @param sizeExponent larger engines drag less: (displacement / reference)^−exponent (1)
   */
  public record Drag(
      double constantKpa,
      double viscousKpa,
      double referenceLitres,
      double compressionRatio,
      double inertiaPerLitre,
      double decompressorFromLitres,
      double compressionHeld,
      double sizeExponent) {}

  /**
   * Starter and firing.
   *
   * @param starterKwBase starter power at zero displacement (kW)
   * @param starterKwPerLitre growth (kW/l)
   * @param freeRpmBase unloaded cranking speed at zero displacement (rpm)
   * @param freeRpmPerLitre growth (rpm/l)
   * @param freeRpmLeast lower limit (rpm)
   * @param fireRpm least speed at which it fires at 25 °C (rpm)
   * @param revolutionsToFire at 25 °C (1)
   * @param cableMilliohm battery leads and switch (mΩ)
   * @param voltageFloor lowest steady cranking voltage that still fires (V, 12 V system)
   * @param accessoryA ignition, pumps and contactor while cranking (A, 12 V system)
   * @param fireExponent larger cylinders fire at less speed: (litres / 0.5)^−exponent (1)
   * @param seriesWound true when the starter's field lies in series with its armature
   */
  public record Start(
      double starterKwBase,
      double starterKwPerLitre,
      double freeRpmBase,
      double freeRpmPerLitre,
      double freeRpmLeast,
      double fireRpm,
      double revolutionsToFire,
      double cableMilliohm,
      double voltageFloor,
      double accessoryA,
      double fireExponent,
      boolean seriesWound) {}

  /** Usual sizes of the class, and what is assumed when nothing is typed. */
  public record Size(
      double litresLow,
      double litresHigh,
      double defaultLitres,
      int defaultCylinders,
      String defaultOil) {}

  /**
   * What code asks of a kind of machine.
   *
   * @param needsWaterSupply never cranked or run ashore without it
   * @param needsApproval an approval decides before any figure does, as in aircraft
   * @param machineKind what such an engine usually sits in: car, boat, aircraft
   * @param turnsEngine false where the battery only wakes the machine: an electric or hybrid car
   * @param powersport its small batteries are of the light powersport build
   * @param hasStator charged by a stator and its regulator, not by an alternator
   * @param watchesBattery many of them must be told of a new battery
   * @param drawnAs the outline such a machine is drawn by
   * @param onWater vapour may lie in its bilge, and its battery must be restrained
   * @param light batteries are small there and every kilogram counts
   * @param allowedBy what a data sheet says of use in such a machine
   */
  public record Traits(
      String machineKind,
      boolean needsWaterSupply,
      boolean needsApproval,
      boolean turnsEngine,
      boolean powersport,
      boolean hasStator,
      boolean watchesBattery,
      String drawnAs,
      boolean onWater,
      boolean light,
      Property allowedBy) {}

  /** Why a figure that nobody typed is assumed: usual for its kind. */
  public String whyUsual() {
    return ("aeiou".indexOf(name.charAt(0)) < 0 ? "usual for a " : "usual for an ") + name;
  }

  private static final List<EngineClass> ALL =
      Table.read(EngineClass.class, "engine-classes.csv").rows().stream()
          .map(EngineClass::of)
          .toList();

  /** Every class, in table order. */
  public static List<EngineClass> all() {
    return ALL;
  }

  /** The class with the id, if there is one. */
  public static Optional<EngineClass> find(String id) {
    return ALL.stream().filter(type -> type.id().equals(id)).findFirst();
  }

  private static EngineClass of(Table.Row row) {
    return new EngineClass(
        row.text("id"),
        row.text("name"),
        row.isYes("two_stroke"),
        row.isYes("diesel"),
        new Drag(
            row.number("drag_constant_kpa"),
            row.number("drag_viscous_kpa"),
            row.number("reference_litres"),
            row.number("compression_ratio"),
            row.number("inertia_per_litre"),
            row.number("decompressor_from_litres"),
            row.number("compression_held"),
            row.number("size_exponent")),
        new Start(
            row.number("starter_kw_base"),
            row.number("starter_kw_per_litre"),
            row.number("free_rpm_base"),
            row.number("free_rpm_per_litre"),
            row.number("free_rpm_least"),
            row.number("fire_rpm"),
            row.number("revolutions_to_fire"),
            row.number("cable_milliohm"),
            row.number("voltage_floor"),
            row.number("accessory_a"),
            row.number("fire_exponent"),
            row.isYes("series_wound")),
        new Size(
            row.number("litres_low"),
            row.number("litres_high"),
            row.number("default_litres"),
            (int) row.number("default_cylinders"),
            row.text("oil")),
        new Traits(
            row.text("machine_kind"),
            row.isYes("needs_water_supply"),
            row.isYes("needs_approval"),
            row.isYes("turns_engine"),
            row.isYes("powersport"),
            row.isYes("stator"),
            row.isYes("watches_battery"),
            row.text("drawn_as"),
            row.isYes("on_water"),
            row.isYes("light"),
            Property.valueOf(row.text("allowed_by"))));
  }
}
