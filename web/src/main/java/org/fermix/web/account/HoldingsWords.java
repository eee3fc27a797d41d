package org.fermix.web.account;

import java.util.ArrayList;
import java.util.List;

/** What a garage holds, in words. */
final class HoldingsWords {
  private HoldingsWords() {}

  static String of(Accounts.Holdings holdings) {
    List<String> words = new ArrayList<>();
    add(words, holdings.machines(), "machine", "machines");
    add(words, holdings.jobs(), "job", "jobs");
    add(words, holdings.labels(), "battery label", "battery labels");
    add(words, holdings.readings(), "reading", "readings");
    add(words, holdings.recordings(), "recorded start", "recorded starts");
    if (words.isEmpty()) {
      return "nothing yet";
    }
    String last = words.remove(words.size() - 1);
    return words.isEmpty() ? last : String.join(", ", words) + " and " + last;
  }

  private static void add(List<String> words, int count, String one, String many) {
    if (count > 0) {
      words.add(count + " " + (count == 1 ? one : many));
    }
  }
}
