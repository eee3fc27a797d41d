package org.fermix.core.plan;

import java.time.LocalDate;
import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Given;
import org.fermix.core.rating.CrankingTest;

/**
 * What to look for on the battery itself before it is paid for. Shelf age, rest voltage and the
 * tenth of mass are common practice, no source; how a rating reads by another test is what its
 * circuit gives in that test, as on every page.
 *
 * @param madeAfter older than this it has stood too long
 * @param rated its cranking rating as the label has it
 * @param otherwise what is believed of it by the other of the two usual tests, which it must not be
 *     mistaken for
 * @param capacity the ampere-hours, where the label says them
 * @param capacityHours the hour rate they must stand beside (h)
 * @param leastMassKg lighter than this something is missing; empty where the label says no mass
 * @param goodVolts at rest, of this one battery: take it (V)
 * @param refuseVolts at rest: take another (V)
 */
public record CounterChecks(
    LocalDate madeAfter,
    CrankingRating rated,
    CrankingRating otherwise,
    Optional<Given> capacity,
    double capacityHours,
    Optional<Double> leastMassKg,
    double goodVolts,
    double refuseVolts) {
  private static final CrankingTest EN = CrankingTest.find("en").orElseThrow();
  private static final int LEAD_MONTHS = 6;
  private static final int OTHER_MONTHS = 12;
  private static final double MASS_SHARE = 0.9;
  private static final double LEAD_GOOD = 0.85;
  private static final double LEAD_REFUSE = 0.65;

  /** Lithium and sodium are sent half charged. */
  private static final double OTHER_GOOD = 0.3;

  private static final double OTHER_REFUSE = 0.1;

  /** For a battery bought on a day. */
  public static CounterChecks of(Label label, LocalDate today) {
    Chemistry chemistry = label.chemistry();
    boolean lead = chemistry.isLead();
    double series = label.build().series();
    return new CounterChecks(
        today.minusMonths(lead ? LEAD_MONTHS : OTHER_MONTHS).withDayOfMonth(1),
        label.cranking(),
        otherwise(label),
        label.capacityAh(),
        label.sheet().capacityHours(),
        label.massKg().filter(mass -> !mass.isAssumed()).map(mass -> MASS_SHARE * mass.value()),
        series * chemistry.openCircuitVolts(lead ? LEAD_GOOD : OTHER_GOOD),
        series * chemistry.openCircuitVolts(lead ? LEAD_REFUSE : OTHER_REFUSE));
  }

  private static CrankingRating otherwise(Label label) {
    CrankingTest other =
        label.cranking().test().equals(CrankingTest.COLD_CRANKING)
            ? EN
            : CrankingTest.COLD_CRANKING;
    return CredibleRating.by(other, label);
  }
}
