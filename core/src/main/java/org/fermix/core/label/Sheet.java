package org.fermix.core.label;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Property;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * What a label or its data sheet says beyond the first lines.
 *
 * @param capacityHours hour rate behind the printed ampere-hours, 0.5 to 200 h
 * @param discharges further points of its discharge: other hour rates, rows of a table
 * @param protection what is said of its own protection
 * @param heated true when it warms itself before it is charged
 * @param coldTestStated true when the sheet states the cold test of its cranking rating: −18 °C, 30
 *     s, 7.2 V
 * @param kindStated false where the label says lithium and not which
 * @param otherRatings cranking ratings printed beside the first
 * @param lines what its data sheet states beyond that, as it is worded there
 */
public record Sheet(
    double capacityHours,
    List<RatedCharge> discharges,
    ProtectionClaim protection,
    boolean heated,
    boolean coldTestStated,
    boolean kindStated,
    List<CrankingRating> otherRatings,
    DataSheet lines) {
  /** Rate behind the ampere-hours. */
  public static final Limits HOURS = new Limits("hour rate", 0.5, 200, Unit.HOUR);

  /** Most points of a discharge that are kept. */
  public static final int MOST_DISCHARGES = 12;

  /** Most ratings beside the first. */
  public static final int MOST_RATINGS = 6;

  /** Says nothing. */
  public static final Sheet SILENT = new Sheet(20, List.of(), ProtectionClaim.NONE, false, false);

  /** A sheet of a battery whose chemistry is settled. */
  public Sheet(
      double capacityHours,
      List<RatedCharge> discharges,
      ProtectionClaim protection,
      boolean heated,
      boolean coldTestStated) {
    this(
        capacityHours,
        discharges,
        protection,
        heated,
        coldTestStated,
        true,
        List.of(),
        DataSheet.SILENT);
  }

  /** Copies the lists, and takes heater and protection from the lines where they state them. */
  public Sheet {
    if (!lines.lines().isEmpty()) {
      heated = heated || lines.has(Property.HEATER).orElse(false);
      if (protection.builtIn().isEmpty() && statesProtection(lines)) {
        protection = protection.saying(true);
      }
    }
    Check.within("other ratings", otherRatings.size(), 0, MOST_RATINGS, "");
    otherRatings = List.copyOf(otherRatings);
    HOURS.check(capacityHours);
    Check.within("points of a discharge", discharges.size(), 0, MOST_DISCHARGES, "");
    discharges = List.copyOf(discharges);
  }

  /** The ampere-hours of a further point at the 20-hour rate, where one is printed (Ah). */
  Optional<Double> twentyHourAmpHours() {
    return discharges.stream()
        .filter(point -> Math.abs(point.hours() - Label.CAPACITY_HOURS) < 1e-6)
        .map(RatedCharge::ampHours)
        .findFirst();
  }

  /** The same with further cranking ratings. */
  public Sheet rated(List<CrankingRating> ratings) {
    return new Sheet(
        capacityHours, discharges, protection, heated, coldTestStated, kindStated, ratings, lines);
  }

  /** The same with lines of its data sheet. */
  public Sheet stating(DataSheet said) {
    return new Sheet(
        capacityHours,
        discharges,
        protection,
        heated,
        coldTestStated,
        kindStated,
        otherRatings,
        said);
  }

  private static boolean statesProtection(DataSheet lines) {
    return Stream.of(
            Property.DEEP_DISCHARGE_PROTECTION,
            Property.OVERCHARGE_PROTECTION,
            Property.OVERCURRENT_PROTECTION,
            Property.OVERHEAT_PROTECTION,
            Property.COLD_CHARGE_LOCK)
        .anyMatch(each -> lines.has(each).orElse(false));
  }
}
