package org.fermix.core.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.electrical.Protection;
import org.fermix.core.fit.Restraint;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.permission.Permission;
import org.fermix.core.plan.WorkStep.Caution;
import org.fermix.core.plan.WorkStep.Kind;

/**
 * The work of changing one battery for another in one machine, in its order. The makers' manuals
 * and local rules come before it; in a certified aircraft it is left to those the law permits.
 */
public final class WorkPlan {
  private static final double HEAVY_KG = 15;

  private final Need need;
  private final Label fitted;
  private final Optional<Beside> beside;
  private final Optional<Label> old;
  private final List<Extra> extras;
  private final List<WorkStep> steps = new ArrayList<>();

  private WorkPlan(Need need, Candidate fitted, Optional<Label> old, List<Extra> extras) {
    this.need = need;
    this.fitted = fitted.label();
    this.beside = fitted.beside();
    this.old = old;
    this.extras = extras;
  }

  /**
   * The steps.
   *
   * @param fitted the new battery, with what stands beside it
   * @param old the one that is there; empty where it is not described
   * @param extras what goes with the new one
   */
  public static List<WorkStep> of(
      Need need, Candidate fitted, Optional<Label> old, List<Extra> extras) {
    WorkPlan plan = new WorkPlan(need, fitted, old, extras);
    plan.lay();
    return List.copyOf(plan.steps);
  }

  /** True where the law leaves the work to others than its owner. */
  public static boolean leftToOthers(Need need) {
    return need.engine().engineClass().traits().needsApproval()
        && need.permission().basis().filter(Permission.Basis.EXPERIMENTAL::equals).isEmpty();
  }

  private void lay() {
    boolean lead = fitted.chemistry().isLead();
    if (leftToOthers(need)) {
      add(Kind.TEST_NEW, 0, Optional.empty());
      add(Kind.MECHANIC, 0, Optional.empty());
      add(Kind.TAG_THE_LEAD, 0, Optional.empty());
      add(Kind.RECORDS, 0, Optional.empty());
      back();
      return;
    }
    boolean oldLead = old.map(each -> each.chemistry().isLead()).orElse(true);
    boolean watched = need.engine().engineClass().traits().watchesBattery();
    add(Kind.TEST_NEW, 0, Optional.empty());
    if (!fitted.chemistry().traits().sealed()
        || old.filter(each -> !each.chemistry().traits().sealed()).isPresent()) {
      add(Kind.WATER_LEVEL, 0, Optional.empty(), Caution.ACID, Caution.NEVER_TAP_WATER);
    }
    if (lead && need.engine().engineClass().traits().powersport()) {
      add(
          Kind.FILL_DRY,
          0,
          Optional.empty(),
          Caution.ACID,
          Caution.HYDROGEN,
          Caution.NEVER_TAP_WATER);
    }
    if (need.engine().series() > 1) {
      add(Kind.WHOLE_BANK, 0, Optional.empty());
    }
    if (watched) {
      add(Kind.NOTE_WHAT_FORGETS, 0, Optional.empty());
    }
    if (onWater()) {
      add(Kind.AIR_THE_BILGE, 0, Optional.empty(), Caution.FUEL_VAPOUR);
    }
    add(Kind.LET_IT_SLEEP, 0, Optional.empty());
    add(Kind.CHARGERS_OFF, 0, Optional.empty());
    add(Kind.NEGATIVE_OFF, 0, Optional.empty(), Caution.SHORT_CIRCUIT);
    add(Kind.POSITIVE_OFF, 0, Optional.of(Kind.NEGATIVE_OFF), Caution.SHORT_CIRCUIT);
    add(
        Kind.LIFT_OUT,
        old.map(each -> each.mass().value()).orElse(0.0),
        Optional.of(Kind.POSITIVE_OFF),
        cautions(old.map(each -> each.mass().value()).orElse(0.0), oldLead));
    add(Kind.CLEAN, 0, Optional.empty(), oldLead ? Set.of(Caution.ACID) : Set.of());
    add(Kind.LOOK_AT_LEADS, 0, Optional.empty());
    extra(Extra.Kind.ADAPTER, Kind.ADAPTER);
    extra(Extra.Kind.SPACER, Kind.SPACER);
    double mass = fitted.mass().value();
    add(Kind.LIFT_IN, mass, Optional.of(Kind.LIFT_OUT), cautions(mass, lead));
    add(Kind.HOLD_DOWN, 0, Optional.of(Kind.LIFT_IN));
    if (onWater()) {
      add(Kind.RESTRAINT, Restraint.pullNewtons(mass), Optional.of(Kind.HOLD_DOWN));
    }
    extra(Extra.Kind.VENT, Kind.VENT);
    beside.ifPresent(this::besideIn);
    add(
        Kind.POSITIVE_ON,
        0,
        Optional.of(Kind.HOLD_DOWN),
        Caution.NEGATIVE_STILL_OFF,
        Caution.SHORT_CIRCUIT);
    add(
        Kind.NEGATIVE_ON,
        0,
        Optional.of(Kind.POSITIVE_ON),
        lead ? Set.of(Caution.HYDROGEN) : Set.of());
    if (!lead) {
      add(Kind.FAULT_LIGHT, 0, Optional.empty());
    }
    extra(Extra.Kind.SURGE_PROTECTOR, Kind.SURGE_PROTECTOR);
    if (watched) {
      add(Kind.SETTINGS_BACK, 0, Optional.empty());
      add(Kind.TELL_THE_CAR, 0, Optional.empty());
    }
    add(
        Kind.FIRST_CHARGE,
        need.engine().series() * fitted.chemistry().charging().absorptionHighVolts(),
        Optional.empty(),
        lead
            ? Set.of(Caution.HYDROGEN, Caution.TOP_VOLTS)
            : Set.of(Caution.LITHIUM, Caution.TOP_VOLTS));
    if (!lead) {
      add(Kind.BALANCE_CHARGE, 0, Optional.of(Kind.FIRST_CHARGE), Caution.LITHIUM);
    }
    beside.ifPresent(
        each ->
            add(
                Kind.CHARGE_BESIDE,
                need.engine().series(),
                Optional.of(Kind.NEGATIVE_ON),
                charging(each)));
    add(Kind.TAG_THE_LEAD, 0, Optional.empty());
    if (Protection.of(fitted).filter(Protection::hasReserve).isPresent()) {
      add(Kind.TRY_THE_RESERVE, 0, Optional.of(Kind.NEGATIVE_ON));
    }
    if (need.engine().engineClass().traits().needsApproval()) {
      add(Kind.RECORDS, 0, Optional.empty());
    }
    back();
  }

  private void besideIn(Beside others) {
    double heaviest =
        others.others().stream().mapToDouble(each -> each.label().mass().value()).max().orElse(0);
    Set<Caution> cautions = EnumSet.noneOf(Caution.class);
    others
        .others()
        .forEach(each -> cautions.addAll(cautions(heaviest, each.label().chemistry().isLead())));
    add(Kind.BESIDE_IN, 0, Optional.of(Kind.NEGATIVE_OFF), cautions);
    if (!others.parts().isEmpty()) {
      add(Kind.BESIDE_PARTS, 0, Optional.empty());
    }
    add(Kind.FUSES, 0, Optional.empty(), Caution.SHORT_CIRCUIT);
  }

  private static Set<Caution> charging(Beside others) {
    Set<Caution> cautions = EnumSet.noneOf(Caution.class);
    others
        .others()
        .forEach(
            each ->
                cautions.add(
                    each.label().chemistry().isLead() ? Caution.HYDROGEN : Caution.LITHIUM));
    return cautions;
  }

  private void back() {
    if (old.map(each -> each.chemistry().isLead()).orElse(true)) {
      add(Kind.OLD_ONE_BACK, 0, Optional.empty(), Caution.ACID);
    } else {
      add(Kind.OLD_ONE_BACK, 0, Optional.empty(), Caution.LITHIUM);
    }
  }

  private boolean onWater() {
    return need.engine().engineClass().traits().onWater();
  }

  private static Set<Caution> cautions(double massKg, boolean lead) {
    Set<Caution> cautions = EnumSet.noneOf(Caution.class);
    if (massKg >= HEAVY_KG) {
      cautions.add(Caution.HEAVY);
    }
    cautions.add(lead ? Caution.ACID : Caution.LITHIUM);
    return cautions;
  }

  private void extra(Extra.Kind wanted, Kind step) {
    extras.stream()
        .filter(extra -> extra.kind() == wanted)
        .filter(extra -> extra.state() == Extra.State.NEEDED || extra.state() == Extra.State.ASK)
        .findFirst()
        .ifPresent(extra -> add(step, extra.value(), Optional.empty()));
  }

  private void add(Kind kind, double value, Optional<Kind> after, Caution... cautions) {
    steps.add(new WorkStep(kind, value, List.of(cautions), after));
  }

  private void add(Kind kind, double value, Optional<Kind> after, Set<Caution> cautions) {
    steps.add(new WorkStep(kind, value, cautions.stream().sorted().toList(), after));
  }
}
