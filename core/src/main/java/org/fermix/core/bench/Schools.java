package org.fermix.core.bench;

import java.util.Map;
import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.reserve.DepthSchool;

/**
 * The schools followed where practice divides and the model asks. Common practice, disputed, no
 * source.
 *
 * @param depths how deep each family may be used
 * @param cranking whether lithium and sodium may start engines
 * @param alternator whether they may be charged straight by an alternator
 * @param leastLithiumVolts regulated volts below which a lithium battery is refused (V, 12 V)
 * @param first which rating comes first among the points
 * @param sizing what the least cranking amps are
 */
public record Schools(
    Map<Chemistry.Family, DepthSchool> depths,
    Cranking cranking,
    Alternator alternator,
    double leastLithiumVolts,
    First first,
    Sizing sizing) {
  /** May anything but lead start an engine? */
  public enum Cranking {
    /** Where it is rated for it, charged within its window and allowed. */
    RATED_AND_ALLOWED,
    NEVER
  }

  /** May anything but lead be charged straight by an alternator? */
  public enum Alternator {
    /** By its maker’s word and the volts that were measured. */
    WORD_AND_VOLTS,
    BARRED
  }

  /** Which rating comes first? */
  public enum First {
    /** Cranking where it is cold, both alike where it is not. */
    BY_COLD,
    CRANKING,
    RESERVE
  }

  /** What are the least cranking amps? */
  public enum Sizing {
    /** The maker’s figure; the rule is a remark where there is none. */
    MAKER,
    /** The displacement rule, as a floor. */
    RULE
  }

  /** Volts at which charging begins to tell; the others want more. */
  public static final double CHARGES_FROM = 13.6;

  /** What is followed until the owner says otherwise. */
  public static final Schools USUAL =
      new Schools(
          Map.of(),
          Cranking.RATED_AND_ALLOWED,
          Alternator.WORD_AND_VOLTS,
          CHARGES_FROM,
          First.BY_COLD,
          Sizing.MAKER);

  /** Copies the map. */
  public Schools {
    depths = Map.copyOf(depths);
  }

  /** How deep a family is used. */
  public DepthSchool depth(Chemistry.Family family) {
    return Optional.ofNullable(depths.get(family)).orElseGet(() -> DepthSchool.usual(family));
  }
}
