package org.fermix.web.fitting;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.plan.WorkStep;
import org.fermix.core.quantity.Unit;
import org.fermix.web.lineup.BesideWords;
import org.fermix.web.shared.Display;

/** Words for the steps of the work: what is done, why, and what can hurt there. */
final class StepWords {
  private StepWords() {}

  static String phase(WorkStep.Phase phase) {
    return switch (phase) {
      case BEFORE -> "Before anything is undone";
      case OUT -> "Take the old one out";
      case PLACE -> "Make the place good";
      case IN -> "Put the new one in";
      case READY -> "Leave it ready";
    };
  }

  static String title(WorkStep step, Candidate battery, Display display) {
    Label fitted = battery.label();
    return switch (step.kind()) {
      case TEST_NEW -> "Test the new one while it can go back";
      case WATER_LEVEL -> "Where caps come off: plates covered, distilled water only";
      case FILL_DRY -> "If it came dry: fill it with its own acid, let it soak, charge it";
      case MECHANIC -> "Give it and its papers to a licensed mechanic";
      case WHOLE_BANK -> "Have two alike: the bank is replaced whole";
      case NOTE_WHAT_FORGETS -> "Note what forgets: radio code, windows, clock";
      case AIR_THE_BILGE -> "Air the bilge, and smell before you touch anything";
      case LET_IT_SLEEP -> "Ignition off, key away, wait ten minutes";
      case CHARGERS_OFF -> "Unplug every charger, solar as well";
      case NEGATIVE_OFF -> "Negative off first";
      case POSITIVE_OFF -> "Positive off, cover it";
      case LIFT_OUT ->
          "Hold-down off, lift out"
              + (step.value() > 0
                  ? " " + display.show(step.value(), Unit.KILOGRAM).text()
                  : " the old one");
      case CLEAN -> "Clean tray and clamps";
      case LOOK_AT_LEADS -> "Look along both leads";
      case ADAPTER -> "Fit the terminal adapters";
      case SPACER -> "Put the spacer in, " + display.show(step.value(), Unit.MILLIMETRE, 0).text();
      case LIFT_IN ->
          "Lift in " + display.show(step.value(), Unit.KILOGRAM).text() + ", posts as they were";
      case HOLD_DOWN -> "Hold-down tight";
      case RESTRAINT ->
          "Pull at it with "
              + display.number(step.value(), 0)
              + " N each way: it moves no more than "
              + display.show(25.4, Unit.MILLIMETRE, 0).text();
      case VENT -> "Vent hose on, its end outside";
      case BESIDE_IN ->
          "In and as firm: "
              + others(battery, each -> display.show(each.mass().value(), Unit.KILOGRAM).text());
      case BESIDE_PARTS ->
          "Fit what joins them: "
              + battery.beside().stream()
                  .flatMap(each -> each.parts().stream())
                  .map(Beside.Part::name)
                  .collect(Collectors.joining(", "));
      case FUSES -> "A fuse in each positive lead, close to its battery";
      case POSITIVE_ON -> "Positive on, tight, cap over it";
      case NEGATIVE_ON -> "Negative on last, grease both";
      case FAULT_LIGHT -> "Wire its fault light or signal, if it has one";
      case SURGE_PROTECTOR ->
          "Fit the surge protector at the alternator, if its maker asks for one";
      case SETTINGS_BACK -> "Clock, windows and radio back";
      case TELL_THE_CAR -> "Tell the car of it, if it watches its battery";
      case FIRST_CHARGE ->
          "Charge it full in the mode for "
              + fitted.chemistry().shortName()
              + ", "
              + display.show(step.value(), Unit.VOLT, 1).text()
              + " at the most";
      case BALANCE_CHARGE -> "Leave it on until the current has fallen to almost nothing";
      case TAG_THE_LEAD ->
          battery.labels().size() > 1
              ? "Tag each charging lead: "
                  + battery.labels().stream()
                      .map(each -> "“" + each.chemistry().shortName() + "”")
                      .distinct()
                      .collect(Collectors.joining(", "))
              : "Tag the charging lead “" + fitted.chemistry().shortName() + "”";
      case CHARGE_BESIDE ->
          "Charge each of the others full by itself: "
              + others(
                  battery,
                  each ->
                      each.chemistry().shortName()
                          + ", "
                          + display
                              .show(
                                  step.value() * each.chemistry().charging().absorptionHighVolts(),
                                  Unit.VOLT,
                                  1)
                              .text()
                          + " at the most");
      case TRY_THE_RESERVE -> "Try its start reserve or wake button once, at home";
      case RECORDS -> "Entry in the records, by those permitted to";
      case OLD_ONE_BACK -> "Old one back, deposit and receipt";
    };
  }

  private static String others(Candidate battery, Function<Label, String> said) {
    return battery.beside().stream()
        .flatMap(each -> each.others().stream())
        .map(
            each ->
                "“"
                    + each.label().name()
                    + "” "
                    + BesideWords.purpose(each.role())
                    + ", "
                    + said.apply(each.label()))
        .collect(Collectors.joining("; "));
  }

  /** The battery whose cautions a step has; of several beside it, the one that is not lead. */
  private static Label meant(WorkStep step, Candidate battery) {
    if (step.kind() != WorkStep.Kind.BESIDE_IN && step.kind() != WorkStep.Kind.CHARGE_BESIDE) {
      return battery.label();
    }
    List<Label> others = battery.labels().subList(1, battery.labels().size());
    return others.stream()
        .filter(each -> !each.chemistry().isLead())
        .findFirst()
        .orElse(battery.labels().get(battery.labels().size() - 1));
  }

  static String why(WorkStep.Kind kind) {
    return switch (kind) {
      case TEST_NEW ->
          "Rest voltage and a shop’s tester, on the counter: a weak new one is changed there and then.";
      case WATER_LEVEL ->
          "A low cell tests weak, the old one’s as well: just over the plates before charging, to the"
              + " mark after.";
      case FILL_DRY -> "Acid first, charge second; a dry battery fitted uncharged never holds all.";
      case MECHANIC ->
          "In a certified aircraft the law leaves the fitting to them: this plan is for their bench.";
      case WHOLE_BANK -> "An old one beside a new one overcharges the one and starves the other.";
      case NOTE_WHAT_FORGETS ->
          "Or keep them fed by a supply made for it, as the maker’s manual says.";
      case AIR_THE_BILGE -> "A clamp sparks as it comes off; petrol vapour lies lowest.";
      case LET_IT_SLEEP -> "Control units must sleep before their current is cut.";
      case CHARGERS_OFF -> "A charger still on keeps both leads live and sparks.";
      case NEGATIVE_OFF -> "Then no tool on the positive can bridge to the body.";
      case POSITIVE_OFF -> "The battery itself stays live at both posts.";
      case LIFT_OUT -> "Upright, close to the body, knees bent.";
      case CLEAN -> "A crust leaks current and hides a loose joint; soda water neutralises acid.";
      case LOOK_AT_LEADS -> "No makeshift joints; replace what is green, stiff or split.";
      case ADAPTER -> "Only made ones: a bolt wedged in a clamp works loose.";
      case SPACER -> "So that the hold-down can grip.";
      case LIFT_IN -> "Plus to plus: lay the leads beside the posts before they are fixed.";
      case HOLD_DOWN -> "Shaking sheds the plates’ paste and cracks cells.";
      case RESTRAINT -> "Twice its mass, 90 lb at the most: 33 CFR 183.420 (from memory), by hand.";
      case VENT -> "Gas from charging must not stay where people sit or switches spark.";
      case BESIDE_IN -> "Upright, held down, its posts covered until all stand fast.";
      case BESIDE_PARTS -> "As the maker of each says; nothing is joined to the batteries yet.";
      case FUSES ->
          "A chafed lead is fed by every battery joined to it. Size and distance are for local rules"
              + " to say; a starter’s own lead may be exempt.";
      case POSITIVE_ON -> "While nothing is joined to the body.";
      case NEGATIVE_ON -> "One small spark here is the modules waking.";
      case FAULT_LIGHT -> "A protection that has tripped is found before it strands you.";
      case SURGE_PROTECTOR -> "A protection that opens while it charges lets the volts jump.";
      case SETTINGS_BACK ->
          "Window stops are often relearnt by holding the switch up for five seconds.";
      case TELL_THE_CAR ->
          "Else it goes on charging the battery that is gone; a shop does it in minutes.";
      case FIRST_CHARGE -> "Shops sell them part charged.";
      case BALANCE_CHARGE ->
          "Its cells come from the shelf unlike; held at the top they come level.";
      case CHARGE_BESIDE -> "What is joined half full only levels out, and slowly.";
      case TAG_THE_LEAD -> "Whoever charges it next must see which mode is right.";
      case TRY_THE_RESERVE -> "Once in daylight, so that it is known in the dark.";
      case RECORDS -> "Type, approval, mass and balance; the aircraft is not airworthy without it.";
      case OLD_ONE_BACK ->
          "Nearly all lead is used again; lithium goes to a collector, never in the bin.";
    };
  }

  static List<String> cautions(WorkStep step, Candidate battery, Display display) {
    Label fitted = meant(step, battery);
    return step.cautions().stream()
        .map(
            caution ->
                switch (caution) {
                  case SHORT_CIRCUIT ->
                      "Rings and watch off: a tool across the posts melts at once.";
                  case ACID -> "Acid: gloves and goggles, never over the wing or the seat.";
                  case HYDROGEN -> "It gasses: fresh air, no flame, no spark.";
                  case HEAVY -> "Heavy: use the strap or a second person.";
                  case LITHIUM ->
                      "Never charge it below "
                          + display
                              .show(fitted.chemistry().acceptance().coldestC(), Unit.CELSIUS)
                              .text()
                          + ", never in pulse mode; dropped, swollen or hot: outdoors, and call for"
                          + " advice.";
                  case NEGATIVE_STILL_OFF -> "The negative is still off: look first.";
                  case TOP_VOLTS ->
                      "Never above "
                          + display
                              .show(
                                  step.value()
                                      / fitted.chemistry().charging().absorptionHighVolts()
                                      * fitted.chemistry().charging().neverExceedVolts(),
                                  Unit.VOLT,
                                  1)
                              .text()
                          + "; its maker’s figure comes first.";
                  case FUEL_VAPOUR -> "Smell of fuel: stop, air it, find the leak.";
                  case NEVER_TAP_WATER -> "Never tap water; acid burns, have water by.";
                })
        .toList();
  }
}
