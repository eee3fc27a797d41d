package org.fermix.web.check;

import org.fermix.core.diagnosis.Boost;

/** A boost plan in words. */
final class BoostWords {
  private BoostWords() {}

  static String refusal(Boost.Refusal refusal) {
    return switch (refusal) {
      case NONE -> "";
      case FROZEN ->
          "Do not boost a frozen battery: it can explode. Take it indoors, let it thaw for a day, look"
              + " for cracks, and only then charge it slowly.";
      case DAMAGED ->
          "Do not touch a split, leaking, swollen, hot or smelling battery. Keep away and upwind, no"
              + " flame, and call for help. Lithium that smokes: 15 metres and the fire service.";
      case LITHIUM_RUNNING ->
          "Never boost lithium from a machine with its engine running: its charging can harm the pack"
              + " and the surge both machines. Stop that engine, or use a pack its maker allows.";
      case VOLTAGE ->
          "Only a helper of the same nominal voltage. 24 V on a 12 V machine destroys it.";
      case DRY ->
          "Connect its water supply or put it afloat first: run dry, the pump is ruined in seconds.";
    };
  }

  static String step(Boost.Step step) {
    return switch (step) {
      case PROTECT ->
          "Goggles on, rings and watch off. No flame or cigarette: batteries give off hydrogen.";
      case AIR_BILGE ->
          "Open the hatches, run the blower and smell: no clamp while there is fuel in the air.";
      case HIGH_VOLTAGE ->
          "Only the 12 V side, at the posts its handbook names; orange cables are high voltage. Without"
              + " 12 V it may be locked: its key opens it by hand. Stop once the ready light is on.";
      case ALL_OFF ->
          "Everything off on both, solar and chargers too, out of gear, brakes on; the machines must"
              + " not touch.";
      case WAKE_FIRST ->
          "Lithium near 0 V: its protection is open. Press its own button or wake it with a charger made"
              + " for it. Awake and still below 8 V, leave it alone.";
      case RED_FLAT -> "Red clamp on the flat battery’s plus.";
      case RED_GOOD -> "Other red clamp on the good plus.";
      case BLACK_GOOD -> "Black clamp on the good minus.";
      case BLACK_ENGINE ->
          "Last black clamp on bare metal of the flat machine’s engine, away from its battery.";
      case WAIT -> "Wait five minutes, so that the flat one takes a little.";
      case CRANK -> "Crank five seconds at most, rest a minute; four tries at most.";
      case REVERSE -> "Take the clamps off in the reverse order: the last one on comes off first.";
      case DRIVE_GENTLY ->
          "Go gently: a flat battery takes all the charging gives. Do not switch off until you can"
              + " stay.";
      case CHARGE_TODAY ->
          "Charge it fully on a proper charger today, then come back to the check.";
    };
  }

  /** The clamp's place in the drawing, 1 to 4; 0 for steps that are none. */
  static int clamp(Boost.Step step) {
    return switch (step) {
      case RED_FLAT -> 1;
      case RED_GOOD -> 2;
      case BLACK_GOOD -> 3;
      case BLACK_ENGINE -> 4;
      default -> 0;
    };
  }
}
