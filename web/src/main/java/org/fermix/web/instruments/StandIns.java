package org.fermix.web.instruments;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.UsualBattery;
import org.fermix.core.label.Candidate;
import org.fermix.core.prove.Refused;
import org.fermix.core.prove.TestAction;
import org.fermix.core.prove.TestSession;
import org.fermix.standins.HiddenBattery;
import org.fermix.web.check.Checks;
import org.fermix.web.check.ReadingForms;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.recordings.Recordings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The stand-in instruments of jobs. */
@Service
class StandIns {
  private final StandInRepository standIns;
  private final LineUp lineUp;
  private final Checks checks;
  private final Recordings recordings;
  private final RandomGenerator seeds;

  StandIns(
      StandInRepository standIns,
      LineUp lineUp,
      Checks checks,
      Recordings recordings,
      RandomGenerator seeds) {
    this.standIns = standIns;
    this.lineUp = lineUp;
    this.checks = checks;
    this.recordings = recordings;
    this.seeds = seeds;
  }

  /** The battery whose label the hidden one has. */
  record Labelled(String name, BatteryCircuit whenNew) {}

  /** Today's battery as described, or else what is usual. */
  Labelled labelled(OpenJob job) {
    Optional<Candidate> today =
        lineUp.candidates(job).stream().filter(Candidate::isToday).findFirst();
    return today
        .map(each -> new Labelled(each.label().name(), BatteryCircuit.of(each.label())))
        .orElseGet(
            () -> {
              UsualBattery usual = UsualBattery.of(job.engineByClass());
              return new Labelled(
                  String.format(
                      Locale.ROOT,
                      "a %s battery of %.0f CCA, assumed",
                      usual.chemistry().shortName(),
                      usual.coldCrankingAmps()),
                  usual.circuit());
            });
  }

  /** What a job's instruments are clamped to; until one is set up, what its own number gives. */
  @Transactional(readOnly = true)
  HiddenBattery hidden(OpenJob job) {
    StandIn stored = stored(job);
    return HiddenBattery.of(
        labelled(job).whenNew(),
        job.engineByClass(),
        stored.seed(),
        stored.settings(),
        stored.actions());
  }

  private StandIn stored(OpenJob job) {
    return standIns
        .findByJobIdAndGarageId(job.jobId(), job.garageId())
        .orElseGet(
            () -> {
              StandIn first = new StandIn(job.jobId(), job.garageId());
              first.setUp(job.jobId().getLeastSignificantBits(), Map.of());
              return first;
            });
  }

  /**
   * Sets up another hidden battery.
   *
   * @param settings what is chosen, the rest is drawn
   */
  @Transactional
  void setUp(OpenJob job, Map<HiddenBattery.Setting, Double> settings) {
    StandIn standIn = stored(job);
    standIn.setUp(seeds.nextLong(), settings);
    standIns.save(standIn);
    standIns.flush();
  }

  /**
   * Does something to the hidden battery; a start that is recorded goes to the recorded starts.
   *
   * @return what stands in the way, in words; empty when it was done
   */
  @Transactional
  String act(OpenJob job, TestAction action) {
    StandIn standIn = stored(job);
    if (standIn.isFull()) {
      return "This battery has been tried " + StandIn.MOST_ACTIONS + " times; set up another.";
    }
    if (!hidden(job).session().offers(action)) {
      return "The tester refuses that now: follow the step it asks for.";
    }
    if (action == TestAction.RECORD && !recordings.hasRoom(job)) {
      return "At most " + Recordings.MOST + " recordings are kept; remove one first.";
    }
    standIn.add(action);
    standIns.save(standIn);
    standIns.flush();
    TestSession session = hidden(job).session();
    return session.recording().isPresent() ? keep(job, session) : "";
  }

  private String keep(OpenJob job, TestSession session) {
    String name =
        String.format(Locale.ROOT, "stand-in, %.0f °C", session.temperatureC()).replace('-', '−');
    try {
      Recordings.Kept kept =
          recordings.keep(
              job,
              name.replace("stand−in", "stand-in"),
              session.loggerName(),
              true,
              Optional.of(session.temperatureC()),
              session.recording().orElseThrow());
      return switch (kept) {
        case DONE -> "";
        case NO_ROOM -> "At most " + Recordings.MOST + " recordings are kept; remove one first.";
        case LOG_FULL -> ReadingForms.FULL;
      };
    } catch (Refused noStart) {
      return "It was recorded, but no start is in it: the battery gave too little.";
    }
  }

  /** Takes all of what the tester showed down in the job's log; false when it has no room. */
  @Transactional
  boolean takeDown(OpenJob job) {
    TestSession session = hidden(job).session();
    String temperature = Double.toString(session.temperatureC());
    Map<ReadingKind, Map<String, String>> readings = new LinkedHashMap<>();
    session
        .restedVolts()
        .ifPresent(
            volts ->
                readings.put(
                    ReadingKind.REST_VOLTS,
                    Map.of(
                        "volts",
                        Double.toString(volts),
                        "rested",
                        Double.toString(session.restedHours()),
                        "surface",
                        session.isSurfaceTakenOff() ? "yes" : "no",
                        "temperature",
                        temperature)));
    session
        .loadedVolts()
        .ifPresent(
            volts -> readings.put(ReadingKind.LOAD_TEST, loadTest(session, volts, temperature)));
    session
        .shownAmps()
        .ifPresent(
            amps ->
                readings.put(
                    ReadingKind.TESTER,
                    Map.of(
                        "shown",
                        Double.toString(amps),
                        "set",
                        Double.toString(session.ratedAmps()),
                        "test",
                        "cca",
                        "charged",
                        "yes")));
    return checks.hasRoom(job, readings.size())
        && readings.entrySet().stream()
            .allMatch(
                each -> checks.take(job, each.getKey(), session.testerName(), each.getValue()));
  }

  private static Map<String, String> loadTest(
      TestSession session, double volts, String temperature) {
    Map<String, String> facts = new LinkedHashMap<>();
    facts.put("volts", Double.toString(volts));
    facts.put("temperature", temperature);
    facts.put("charged", "yes");
    if (!session.isLead()) {
      facts.put("amps", Double.toString(session.loadAmps()));
      session.restedVolts().ifPresent(before -> facts.put("before", Double.toString(before)));
      facts.put("after", Double.toString(session.volts()));
    }
    return facts;
  }
}
