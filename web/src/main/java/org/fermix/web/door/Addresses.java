package org.fermix.web.door;

import java.util.HashMap;
import java.util.Map;

/** Counts what each address holds, and what all hold together, against a limit. */
final class Addresses {
  private final int most;
  private final int mostOfOne;
  private final Map<String, Integer> held = new HashMap<>();
  private int all;

  Addresses(int most, int mostOfOne) {
    this.most = most;
    this.mostOfOne = mostOfOne;
  }

  /** Takes one for an address; false when it, or all together, hold as many as they may. */
  synchronized boolean take(String address) {
    int now = held.getOrDefault(address, 0);
    if (all >= most || now >= mostOfOne) {
      return false;
    }
    held.put(address, now + 1);
    all++;
    return true;
  }

  /** Gives one back. */
  synchronized void give(String address) {
    held.computeIfPresent(address, (key, now) -> now == 1 ? null : now - 1);
    all--;
  }
}
