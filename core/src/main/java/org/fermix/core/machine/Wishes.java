package org.fermix.core.machine;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * What an owner wishes beyond what the machine requires. What is liked counts among the points; a
 * must is a gate.
 *
 * @param budget most that is to be paid for the battery, in the currency of the prices
 * @param levels how much each wish matters; one that is left out does not
 * @param year it is now, by which a type has been sold for long or not
 */
public record Wishes(Optional<Given> budget, Map<Wish, Level> levels, int year) {
  /** Most that may be paid. */
  public static final Limits BUDGET = new Limits("budget", 1, 100_000, Unit.MONEY);

  /** Nothing is wished. */
  public static final Wishes NONE = new Wishes(Optional.empty(), Map.of(), 0);

  /** What can be wished. */
  public enum Wish {
    /** Costs no more than the budget. */
    BUDGET,
    /** Nobody is near: it can be started again with what is on board. */
    SELF_RESCUE,
    /** Can be had now. */
    IN_STOCK,
    /** Of a kind and type that has been sold for years. */
    PROVEN,
    /** Nothing else of the machine has to be changed. */
    NO_CHANGES,
    /** Lasts for as long as the machine is kept. */
    LASTS
  }

  /** How much a wish matters. */
  public enum Level {
    LIKED,
    MUST
  }

  /** Copies the map. */
  public Wishes {
    budget.ifPresent(most -> BUDGET.check(most.value()));
    Check.within("year", year, 0, 3000, "");
    Map<Wish, Level> all = new EnumMap<>(Wish.class);
    all.putAll(levels);
    levels = Map.copyOf(all);
  }

  /** How much one matters; empty where it does not. */
  public Optional<Level> of(Wish wish) {
    return Optional.ofNullable(levels.get(wish));
  }
}
