package org.fermix.web.catalogue;

import org.fermix.core.bench.Finding;
import org.fermix.core.bench.GateResult;
import org.fermix.core.quantity.Unit;
import org.fermix.web.bench.GateWords;
import org.fermix.web.shared.Display;

/** By how much a battery misses a gate, in words. */
final class MissWords {
  private MissWords() {}

  static String of(GateResult gate, Display display) {
    Finding finding = gate.findings().get(0);
    double by = finding.needed() - finding.found();
    return switch (finding.code()) {
      case CRANKING -> display.show(by, Unit.AMPERE).text() + " under the minimum";
      case CRANKING_AT_MOST ->
          display.show(by, Unit.AMPERE).text()
              + " under the minimum, as far as its label is believed";
      case RESERVE -> "reserve " + display.show(by, Unit.MINUTE).text() + " short";
      case CAPACITY -> display.show(by, Unit.AMPERE_HOUR).text() + " short";
      default -> GateWords.of(gate, display);
    };
  }
}
