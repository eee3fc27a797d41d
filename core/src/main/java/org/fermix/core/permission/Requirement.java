package org.fermix.core.permission;

import org.fermix.core.quantity.Check;

/** One item of an approval's list. */
public sealed interface Requirement {
  /** What it speaks of. */
  Property property();

  /** The item as the document words it. */
  String words();

  /** The chemistry must be one. */
  record IsChemistry(String chemistryId, String words) implements Requirement {
    @Override
    public Property property() {
      return Property.CHEMISTRY;
    }
  }

  /** A number must not be below a limit. */
  record AtLeast(Property property, double limit, String words) implements Requirement {
    /** Refuses properties that are no numbers. */
    public AtLeast {
      needs(property, Property.Kind.NUMBER);
      Check.within("limit", limit, -100, 1e5, "");
    }
  }

  /** A number must not be above a limit, as for the lowest temperature it stands. */
  record AtMost(Property property, double limit, String words) implements Requirement {
    /** Refuses properties that are no numbers. */
    public AtMost {
      needs(property, Property.Kind.NUMBER);
      Check.within("limit", limit, -100, 1e5, "");
    }
  }

  /** A feature must be there. */
  record Has(Property property, String words) implements Requirement {
    /** Refuses properties that are no features. */
    public Has {
      needs(property, Property.Kind.FEATURE);
    }
  }

  private static void needs(Property property, Property.Kind kind) {
    if (property.kind() != kind) {
      throw new IllegalArgumentException(
          property + " is stated as a " + property.kind() + ", not as a " + kind);
    }
  }
}
