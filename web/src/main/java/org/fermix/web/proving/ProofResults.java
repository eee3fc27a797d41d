package org.fermix.web.proving;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.fermix.core.diagnosis.LoadTest;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.core.prove.ProofResult;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.check.BatteryLog;
import org.fermix.web.check.TakenReading;
import org.fermix.web.recordings.Recording;
import org.fermix.web.recordings.Recordings;
import org.fermix.web.shared.Display;

/** Readings and recordings as results of the measures they speak of. */
final class ProofResults {
  private static final double MINUTES = 60;

  private final Need need;
  private final Optional<Label> label;

  /**
   * Of one battery.
   *
   * @param label empty where nobody has described it
   */
  ProofResults(Need need, Optional<Label> label) {
    this.need = need;
    this.label = label;
  }

  /** Which measure a reading is of; a rest of a week and more is a stand. */
  static ProofMeasure measure(TakenReading reading) {
    return switch (reading.kind()) {
      case TESTER -> ProofMeasure.TESTER;
      case CRANKING_VOLTS -> ProofMeasure.CRANKING;
      case LOAD_TEST -> ProofMeasure.PULSES;
      case CAPACITY -> ProofMeasure.CAPACITY;
      default ->
          reading.number("rested").orElse(0.0) >= 24 * ProofMeasure.STOOD_DAYS
              ? ProofMeasure.PARKED
              : ProofMeasure.REST;
    };
  }

  /** True for kinds of readings that prove something. */
  static boolean proves(ReadingKind kind) {
    return kind == ReadingKind.REST_VOLTS
        || kind == ReadingKind.TESTER
        || kind == ReadingKind.CRANKING_VOLTS
        || kind == ReadingKind.LOAD_TEST
        || kind == ReadingKind.CAPACITY;
  }

  /** All that some readings, and a recorded start, say. */
  Map<ProofMeasure, ProofResult> of(List<TakenReading> readings, Optional<Recording> start) {
    Map<ProofMeasure, ProofResult> results = new EnumMap<>(ProofMeasure.class);
    for (TakenReading reading : readings) {
      if (proves(reading.kind())) {
        ProofMeasure measure = measure(reading);
        of(measure, reading).ifPresent(each -> results.put(measure, each));
      }
    }
    start.ifPresent(
        each ->
            Optional.ofNullable(each.features().get("rpm"))
                .ifPresent(
                    rpm ->
                        results.put(
                            ProofMeasure.SPEED,
                            speed(
                                rpm,
                                results.get(ProofMeasure.CRANKING) == null
                                    ? Optional.empty()
                                    : results.get(ProofMeasure.CRANKING).temperatureC()))));
    return results;
  }

  /** The speed of a recorded start (rpm) at a temperature. */
  static ProofResult speed(double rpm, Optional<Double> temperatureC) {
    return new ProofResult(
        rpm, temperatureC, "", 0, CrankingTest.COLD_CRANKING, 1, 0, true, true, Optional.empty());
  }

  /** What a reading says of a measure; empty where it says nothing. */
  Optional<ProofResult> of(ProofMeasure measure, TakenReading reading) {
    Optional<BatteryLog.Said> said =
        label.map(
            each ->
                BatteryLog.says(
                    reading.kind(),
                    reading.facts(),
                    need,
                    new Candidate(Candidate.TODAY, each, 0),
                    Display.USUAL));
    boolean charged = reading.text("charged").map("yes"::equals).orElse(true);
    return switch (measure) {
      case REST, PARKED ->
          reading
              .number("volts")
              .map(
                  volts ->
                      result(
                          volts,
                          reading,
                          0,
                          1,
                          reading.text("surface").filter("yes"::equals).isPresent()
                              ? Math.max(4, reading.number("rested").orElse(0.0))
                              : reading.number("rested").orElse(0.0),
                          true,
                          Optional.empty()));
      case TESTER ->
          reading
              .number("shown")
              .map(
                  shown ->
                      result(
                          shown,
                          reading,
                          reading.number("set").orElse(0.0),
                          1,
                          0,
                          charged,
                          said.flatMap(BatteryLog.Said::crankingShare)));
      case CRANKING ->
          reading
              .number("volts")
              .map(volts -> result(volts, reading, 0, 1, 0, true, Optional.empty()));
      case PULSES -> {
        List<Double> volts =
            Stream.of("volts", "volts2", "volts3")
                .map(reading::number)
                .flatMap(Optional::stream)
                .toList();
        yield volts.isEmpty()
            ? Optional.empty()
            : Optional.of(
                result(
                    volts.get(volts.size() - 1),
                    reading,
                    reading.number("amps").orElse(half()),
                    volts.size(),
                    0,
                    charged,
                    reading.number("amps").isEmpty()
                        ? Optional.empty()
                        : said.flatMap(BatteryLog.Said::crankingShare)));
      }
      case CAPACITY ->
          reading
              .number("amps")
              .flatMap(
                  amps ->
                      reading
                          .number("minutes")
                          .map(
                              minutes ->
                                  result(
                                      amps * minutes / MINUTES,
                                      reading,
                                      amps,
                                      1,
                                      0,
                                      charged,
                                      said.flatMap(BatteryLog.Said::capacityShare))));
      case SPEED -> Optional.empty();
    };
  }

  /** Half the rated cold cranking amps (A); 0 where nobody knows them. */
  private double half() {
    return label
        .map(
            each ->
                LoadTest.loadAmps(BatteryCircuit.of(each).ratedAmps(CrankingTest.COLD_CRANKING)))
        .orElse(0.0);
  }

  private static ProofResult result(
      double value,
      TakenReading reading,
      double setting,
      int times,
      double restedHours,
      boolean charged,
      Optional<Double> share) {
    return new ProofResult(
        value,
        reading.number("temperature"),
        reading.instrument(),
        setting,
        reading.text("test").flatMap(CrankingTest::find).orElse(CrankingTest.COLD_CRANKING),
        times,
        restedHours,
        charged,
        reading.text(Recordings.RECORDED).filter("yes"::equals).isPresent(),
        share);
  }
}
