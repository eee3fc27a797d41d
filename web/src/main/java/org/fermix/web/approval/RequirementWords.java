package org.fermix.web.approval;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.permission.Property;
import org.fermix.core.permission.Requirement;
import org.fermix.core.quantity.PlainWords;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** Words for what an item of a list is taken to ask. */
public final class RequirementWords {
  private RequirementWords() {}

  /** True where it is more than its own words. */
  static boolean isUnderstood(Requirement item) {
    return !(item instanceof Requirement.InWords);
  }

  /** What it asks. */
  public static String of(Requirement item, Display display) {
    if (item instanceof Requirement.IsChemistry is) {
      return "chemistry: "
          + (is.chemistryId().equals("other")
              ? "another kind of lithium"
              : Chemistry.of(is.chemistryId()).displayName());
    }
    if (item instanceof Requirement.AtLeast least) {
      return name(least.property()) + " ≥ " + amount(least.property(), least.limit(), display);
    }
    if (item instanceof Requirement.AtMost most) {
      return name(most.property()) + " ≤ " + amount(most.property(), most.limit(), display);
    }
    if (item instanceof Requirement.Has has) {
      return name(has.property());
    }
    return "in its own words: to be answered by hand";
  }

  /** What it asks, where that says more than its own words do. */
  public static String beyondItsWords(Requirement item, Display display) {
    String meaning = of(item, display);
    return item instanceof Requirement.Has
            && PlainWords.of(item.words()).equals(PlainWords.of(meaning))
        ? ""
        : meaning;
  }

  /** What a property is called. */
  public static String name(Property property) {
    return property.words().get(0);
  }

  /** An amount of it with its unit. */
  public static String amount(Property property, double amount, Display display) {
    return switch (property) {
      case COLD_CRANKING_AMPS, MARINE_CRANKING_AMPS -> display.show(amount, Unit.AMPERE).text();
      case CAPACITY_AH -> display.show(amount, Unit.AMPERE_HOUR).text();
      case LOWEST_DISCHARGE_C, HIGHEST_DISCHARGE_C, LOWEST_CHARGE_C, HIGHEST_CHARGE_C ->
          display.show(amount, Unit.CELSIUS).text();
      default -> display.number(amount, 0);
    };
  }
}
