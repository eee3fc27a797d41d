package org.fermix.core.bench;

import java.util.List;

/** One gate's mark and the findings it rests on. */
public record GateResult(Gate gate, Mark mark, List<Finding> findings) {
  /** Copies the findings. */
  public GateResult {
    findings = List.copyOf(findings);
  }

  /** Of the wishes among some gates, the share that is met; what is not known counts half (1). */
  static double wishesMet(List<GateResult> gates) {
    return gates.stream()
        .filter(gate -> gate.gate().isWish())
        .mapToDouble(gate -> gate.mark() == Mark.CLEARS ? 1 : gate.mark() == Mark.UNKNOWN ? 0.5 : 0)
        .average()
        .orElse(1);
  }

  static GateResult of(Gate gate, Mark mark, Finding.Code code, double found, double needed) {
    return new GateResult(gate, mark, List.of(new Finding(code, found, needed)));
  }
}
