package org.fermix.web.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;

/**
 * How the likelihoods come about: every cause after each reading in turn, and what each reading
 * that could be taken is expected to tell.
 *
 * @param heads "to begin with", then each reading as it came out
 * @param doubt left after each (bit)
 */
record CheckWorking(List<String> heads, List<Row> rows, List<String> doubt, List<Next> next) {
  /** A cause, with its likelihood after each reading. */
  record Row(String cause, boolean leading, List<String> shares) {}

  /** A reading that could be taken. */
  record Next(String title, String bits, String settles) {}

  static CheckWorking of(Checks.State state) {
    Chemistry chemistry = state.suspect().chemistry();
    boolean lead = chemistry.isLead();
    List<Evidence> evidence = new ArrayList<>(state.workedOut());
    state.counting().forEach(judged -> evidence.addAll(judged.judgement().all()));
    List<String> heads = new ArrayList<>();
    List<Diagnosis> steps = new ArrayList<>();
    heads.add("to begin with");
    steps.add(after(chemistry, List.of()));
    for (int i = 0; i < evidence.size(); i++) {
      heads.add(VerdictWords.evidence(evidence.get(i), lead));
      steps.add(after(chemistry, evidence.subList(0, i + 1)));
    }
    List<Row> rows =
        Arrays.stream(Cause.values())
            .filter(cause -> steps.get(0).of(cause) > 0)
            .sorted(Comparator.comparingDouble(cause -> -state.diagnosis().of(cause)))
            .map(
                cause ->
                    new Row(
                        VerdictWords.cause(cause),
                        cause == state.diagnosis().leading(),
                        steps.stream().map(step -> FaultPath.percent(step.of(cause))).toList()))
            .toList();
    return new CheckWorking(
        heads,
        rows,
        steps.stream().map(step -> bits(step.doubtBits())).toList(),
        state.diagnosis().next().stream()
            .map(
                each ->
                    new Next(
                        ReadingSheet.title(each.kind(), lead),
                        bits(each.gainBits()),
                        Math.round(100 * each.settles()) + " %"))
            .toList());
  }

  private static Diagnosis after(Chemistry chemistry, List<Evidence> evidence) {
    return Diagnosis.of(chemistry, evidence, EnumSet.allOf(ReadingKind.class));
  }

  private static String bits(double bits) {
    return String.format(Locale.ROOT, "%.2f", bits);
  }
}
