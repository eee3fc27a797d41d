package org.fermix.web.priority;

import org.fermix.core.decision.Criterion;
import org.fermix.core.machine.Wishes;

/** Words for what is weighed and wished. */
public final class PriorityWords {
  private PriorityWords() {}

  /** What a criterion is called. */
  public static String of(Criterion criterion) {
    return switch (criterion) {
      case COLD -> "Cold start";
      case PARKED -> "Parked";
      case ENGINE_OFF -> "Engine off";
      case MASS -> "Mass";
      case MONEY -> "Money";
      case EASE -> "Wishes";
    };
  }

  static String of(Wishes.Wish wish) {
    return switch (wish) {
      case BUDGET -> "Costs no more than the budget";
      case SELF_RESCUE -> "No help nearby: it can be brought back with what is on board";
      case IN_STOCK -> "Can be had now";
      case PROVEN -> "Proven: lead, or sold for five years";
      case NO_CHANGES -> "Nothing else of the machine has to change";
      case LASTS -> "Lasts for as long as the machine is kept";
    };
  }
}
