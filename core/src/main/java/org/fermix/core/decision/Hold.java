package org.fermix.core.decision;

import java.util.EnumSet;
import java.util.Set;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Finding;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.GateResult;
import org.fermix.core.bench.Mark;
import org.fermix.core.machine.Need;

/**
 * What has to be known before a battery is taken and is not: the machine needs it here, and a gate
 * cannot say. It holds the advice: which one is said, and once what is known.
 */
public enum Hold {
  /** Neither the tray nor the case of a battery that goes in is known to be large enough. */
  TRAY,
  /** Whether the regulator's voltage, which it could fail on, suits it. */
  CHARGING,
  /** Whether the engine stops at lights, which it would not stand. */
  STOPS,
  /** Whether it is approved for this machine, which takes no other. */
  APPROVAL;

  /** What holds one battery, in the order in which it is best found out. */
  public static Set<Hold> of(Need need, CandidateAnswer candidate) {
    Set<Hold> holds = EnumSet.noneOf(Hold.class);
    if (isUnknown(candidate, Gate.FITS)) {
      holds.add(TRAY);
    }
    if (isUnknown(candidate, Gate.CHARGED)) {
      holds.add(CHARGING);
    }
    if (isUnknown(candidate, Finding.Code.STOPS_NOT_SAID)) {
      holds.add(STOPS);
    }
    if (need.engine().engineClass().traits().needsApproval()
        && isUnknown(candidate, Gate.APPROVED)) {
      holds.add(APPROVAL);
    }
    return holds;
  }

  private static boolean isUnknown(CandidateAnswer candidate, Finding.Code code) {
    return candidate.gates().stream()
        .filter(each -> each.mark() == Mark.UNKNOWN)
        .flatMap(each -> each.findings().stream())
        .anyMatch(each -> each.code() == code);
  }

  private static boolean isUnknown(CandidateAnswer candidate, Gate gate) {
    return candidate.gates().stream()
        .filter(each -> each.gate() == gate)
        .map(GateResult::mark)
        .anyMatch(Mark.UNKNOWN::equals);
  }
}
