package org.fermix.web.instruments;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.machine.Engine;
import org.fermix.web.check.Checks;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.recordings.Recordings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The stand-in instruments of jobs. */
@Service
class StandIns {
  private static final double USUAL_COLD_C = -15;

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

  /** Today's battery as described, or else a flooded one by the displacement rule. */
  Labelled labelled(OpenJob job) {
    Optional<Candidate> today =
        lineUp.candidates(job).stream().filter(Candidate::isToday).findFirst();
    return today
        .map(each -> new Labelled(each.label().name(), BatteryCircuit.of(each.label())))
        .orElseGet(() -> usual(job.engineByClass()));
  }

  /** The smallest flooded battery that starts the engine in the cold nineteen times in twenty. */
  private static Labelled usual(Engine engine) {
    double cca = Math.max(60, engine.ruleOfThumbCca());
    BatteryCircuit circuit = flooded(engine, cca);
    while (cca < 1500 && chance(circuit, engine) < 0.95) {
      cca *= 1.1;
      circuit = flooded(engine, cca);
    }
    return new Labelled(
        String.format(Locale.ROOT, "a flooded battery of %.0f CCA, assumed", cca), circuit);
  }

  private static double chance(BatteryCircuit circuit, Engine engine) {
    return Cranking.chance(
        new Cranking(circuit, engine).sureness(ChargeState.rested(0.9, USUAL_COLD_C)));
  }

  private static BatteryCircuit flooded(Engine engine, double cca) {
    Chemistry chemistry = Chemistry.of("flooded");
    double perAmpHour =
        0.5
            * (chemistry.plausibility().ccaPerAmpHourLow()
                + chemistry.plausibility().ccaPerAmpHourHigh());
    double ampHours = cca / perAmpHour;
    return BatteryCircuit.calibrated(
        chemistry,
        engine.series(),
        ampHours,
        engine.series() * ampHours / chemistry.plausibility().ampHoursPerKg(),
        CrankingRating.cca(cca));
  }

  /** The session of a job; until one is set up, the battery the job's own number gives. */
  @Transactional(readOnly = true)
  Session session(OpenJob job) {
    return Session.of(labelled(job).whenNew(), job.engineByClass(), stored(job));
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
   * @param settings what is chosen, by the names in {@link Session}; the rest is drawn
   */
  @Transactional
  void setUp(OpenJob job, Map<String, Double> settings) {
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
  String act(OpenJob job, Action action) {
    StandIn standIn = stored(job);
    if (standIn.isFull()) {
      return "This battery has been tried " + StandIn.MOST_ACTIONS + " times; set up another.";
    }
    if (!session(job).offers(action)) {
      return "The tester refuses that now: follow the step it asks for.";
    }
    if (action == Action.RECORD && !recordings.hasRoom(job)) {
      return "At most " + Recordings.MOST + " recordings are kept; remove one first.";
    }
    standIn.add(action.slug());
    standIns.save(standIn);
    standIns.flush();
    Session session = session(job);
    return session.recording().isPresent() ? keep(job, session) : "";
  }

  private String keep(OpenJob job, Session session) {
    String name =
        String.format(Locale.ROOT, "stand-in, %.0f °C", session.temperatureC()).replace('-', '−');
    try {
      return recordings.keep(
              job,
              name.replace("stand−in", "stand-in"),
              session.loggerName(),
              true,
              session.recording().orElseThrow())
          ? ""
          : "At most " + Recordings.MOST + " recordings are kept; remove one first.";
    } catch (IllegalArgumentException noStart) {
      return "It was recorded, but no start is in it: the battery gave too little.";
    }
  }

  /** Takes what the tester showed down in the job's log; how many readings that was. */
  @Transactional
  int takeDown(OpenJob job) {
    Session session = session(job);
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
    readings.forEach((kind, facts) -> checks.take(job, kind, session.testerName(), facts));
    return readings.size();
  }

  private static Map<String, String> loadTest(Session session, double volts, String temperature) {
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
