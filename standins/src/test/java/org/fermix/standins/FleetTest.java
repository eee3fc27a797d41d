package org.fermix.standins;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import org.fermix.core.DocsTable;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.junit.jupiter.api.Test;

/** The fault path on machines whose fault is known: it asks, they answer, and it names a cause. */
class FleetTest {
  private static final int MACHINES = 5000;
  private static final int MOST_READINGS = 9;

  /** How one machine's check went. */
  private record Outcome(Cause named, int readings) {}

  private static Outcome check(HiddenMachine machine) {
    List<Evidence> evidence = new ArrayList<>(machine.workedOut());
    machine.read(ReadingKind.SYMPTOM).evidence().ifPresent(evidence::add);
    Set<ReadingKind> done = EnumSet.of(ReadingKind.SYMPTOM, ReadingKind.AGE, ReadingKind.NEED);
    int readings = 1;
    Diagnosis diagnosis = Diagnosis.of(machine.chemistry(), evidence, done);
    while (!diagnosis.isSettled() && readings < MOST_READINGS && !diagnosis.next().isEmpty()) {
      ReadingKind next = diagnosis.next().get(0).kind();
      machine.read(next).evidence().ifPresent(evidence::add);
      done.add(next);
      readings++;
      diagnosis = Diagnosis.of(machine.chemistry(), evidence, done);
    }
    return new Outcome(diagnosis.leading(), readings);
  }

  /**
   * On 5,000 machines of every kind, drawn as usual as causes are, the right cause comes first in
   * at least nine of ten with a median of at most five readings; the table goes to
   * docs/one-fault.csv.
   */
  @Test
  void theRightCauseComesFirst() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(31);
    Fleet fleet = new Fleet(random);
    Map<Cause, Map<Cause, Integer>> confusion = new EnumMap<>(Cause.class);
    int right = 0;
    int[] readings = new int[MACHINES];
    for (int i = 0; i < MACHINES; i++) {
      HiddenMachine machine = fleet.machine();
      Cause cause = machine.cause();
      Outcome outcome = check(machine);
      readings[i] = outcome.readings();
      right += outcome.named() == cause ? 1 : 0;
      confusion
          .computeIfAbsent(cause, each -> new EnumMap<>(Cause.class))
          .merge(outcome.named(), 1, Integer::sum);
    }
    Arrays.sort(readings);
    write(confusion, right / (double) MACHINES, readings[MACHINES / 2]);
    assertThat(right / (double) MACHINES).isGreaterThanOrEqualTo(0.90);
    assertThat(readings[MACHINES / 2]).isLessThanOrEqualTo(5);
  }

  private static void write(Map<Cause, Map<Cause, Integer>> confusion, double right, int median) {
    List<String> rows = new ArrayList<>();
    for (Cause cause : Cause.values()) {
      StringBuilder row = new StringBuilder(cause.toString().toLowerCase(Locale.ROOT));
      for (Cause named : Cause.values()) {
        row.append(',').append(confusion.getOrDefault(cause, Map.of()).getOrDefault(named, 0));
      }
      rows.add(row.toString());
    }
    DocsTable.write(
        "one-fault.csv",
        String.format(
            Locale.ROOT,
            "%d machines with one fault each, rows true, columns named: %.1f %% right, median %d readings.",
            MACHINES,
            100 * right,
            median),
        "true,"
            + Arrays.stream(Cause.values())
                .map(cause -> cause.toString().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(",")),
        rows);
  }
}
