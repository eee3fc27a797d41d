package org.fermix.core.bench;

import java.util.List;

/** One gate's mark and the findings it rests on. */
public record GateResult(Gate gate, Mark mark, List<Finding> findings) {
  /** Copies the findings. */
  public GateResult {
    findings = List.copyOf(findings);
  }

  static GateResult of(Gate gate, Mark mark, Finding.Code code, double found, double needed) {
    return new GateResult(gate, mark, List.of(new Finding(code, found, needed)));
  }
}
