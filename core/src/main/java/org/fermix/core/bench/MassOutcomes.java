package org.fermix.core.bench;

import java.util.List;
import java.util.Map;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Equation;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Remark;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;

/** What does it weigh? */
final class MassOutcomes implements OutcomeFamily {
  private static final Equation LABEL =
      new Equation("label", "as printed", "the battery's label", "");

  private final Given mass;
  private final double wordSigma;

  MassOutcomes(InConditions in) {
    wordSigma = in.label().build().word().sigma();
    mass =
        in.others().isEmpty()
            ? in.label().mass()
            : Given.derived(in.massKg(), Unit.KILOGRAM, "all its batteries and parts together");
  }

  @Override
  public void figures(Map<Outcome, Figure> into) {
    Band band =
        mass.isAssumed()
            ? Band.ratio(mass.value(), Spread.MASS_ASSUMED.sigma())
            : Band.ratio(mass.value(), wordSigma);
    into.put(
        Outcome.MASS,
        Figure.of(
            mass.value(),
            Unit.KILOGRAM,
            band,
            () ->
                new Working(
                    LABEL,
                    List.of(new Term("mass", mass)),
                    Remark.of(
                        mass.isAssumed() ? Remark.Code.WITHIN_A_QUARTER : Remark.Code.AS_PRINTED),
                    List.of())));
  }
}
