package org.fermix.web.decide;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Decision;

/** The usual cautions for the battery that is recommended, before it is bought and carried. */
final class Cautions {
  private static final double HEAVY_KG = 20;

  private Cautions() {}

  static List<String> of(Decision decision) {
    List<String> cautions = new ArrayList<>();
    if (decision.first().isEmpty()) {
      return cautions;
    }
    var label = decision.first().get().answer().candidate().label();
    Chemistry chemistry = label.chemistry();
    if (chemistry.isLead()) {
      cautions.add(
          "Lead batteries hold sulphuric acid and give off hydrogen when charged: goggles and gloves,"
              + " fresh air, no sparks or flames. Never charge one that is frozen or split.");
    } else {
      cautions.add(
          "Never use a desulfating or equalising charger mode on it, and do not charge it below the"
              + " temperature its maker allows. If it is dropped, swollen or hot, leave it outdoors and"
              + " call for advice.");
    }
    cautions.add(
        "A tool across the terminals melts at once: take off rings and watch, cover the posts;"
            + " negative off first and on last.");
    if (label.mass().value() >= HEAVY_KG) {
      cautions.add("It is heavy: use the carrying strap or a second person, and keep it upright.");
    }
    if (decision.answer().need().engine().engineClass().traits().needsApproval()) {
      cautions.add(
          "In a certified aircraft only a battery approved for that aircraft may be fitted, by those"
              + " permitted to, with the entry in its records. Ask a licensed mechanic first.");
    }
    cautions.add(
        "The maker’s manual for machine and battery, local rules and licensed practice come before"
            + " anything said here.");
    return cautions;
  }
}
