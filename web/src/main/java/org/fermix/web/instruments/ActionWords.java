package org.fermix.web.instruments;

import org.fermix.core.prove.TestAction;

/** What can be done to a battery, in words. */
final class ActionWords {
  private ActionWords() {}

  static String of(TestAction action) {
    return switch (action) {
      case WARM -> "Take it into a warm room overnight";
      case CHARGE -> "Charge it fully";
      case REST -> "Leave it for four hours";
      case HEADLAMPS -> "Headlamps for three minutes";
      case LOAD -> "Load it for 15 s";
      case ESTIMATE -> "Estimate its cranking amps";
      case RECORD -> "Record a start";
    };
  }
}
