package org.fermix.web.check;

import java.util.Optional;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.Verdict;

/**
 * What the check has found so far, as the later stops carry it on.
 *
 * @param verdict empty while nothing was read
 */
public record CheckFinding(Optional<Verdict> verdict) {
  /** Nothing was read. */
  public static final CheckFinding NONE = new CheckFinding(Optional.empty());

  /** The verdict once it is settled. */
  public Optional<Verdict> settled() {
    return verdict.filter(Verdict::settled);
  }

  /** What has to be done before anything is bought, where that is settled or was measured. */
  public Optional<Verdict.Action> first() {
    Optional<Verdict.Action> kills =
        verdict.flatMap(
            each -> each.measured().stream().filter(Verdict.Action::killsTheNext).findFirst());
    Optional<Verdict.Action> settled =
        settled().map(Verdict::action).filter(Verdict.Action::saysDoNotBuy);
    return settled.isPresent() ? settled : kills;
  }

  /** True where it is settled that the battery must go. */
  public boolean saysReplace() {
    return settled().filter(each -> !each.action().saysDoNotBuy()).isPresent();
  }

  /**
   * True where the battery itself is suspected, settled or not: its age is no longer its best word.
   */
  public boolean doubtsTheBattery() {
    return verdict
        .filter(each -> each.cause() == Cause.WORN || !each.action().saysDoNotBuy())
        .isPresent();
  }
}
