package org.fermix.web.proving;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.decision.ModelPrint;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.label.Label;
import org.fermix.core.prove.Compared;
import org.fermix.core.prove.Forecast;
import org.fermix.core.prove.Proof;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.core.prove.ProofResult;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.battery.Batteries;
import org.fermix.web.battery.HeldBattery;
import org.fermix.web.battery.Labels;
import org.fermix.web.check.BatteryLog;
import org.fermix.web.check.TakenReading;
import org.fermix.web.fitting.Fittings;
import org.fermix.web.job.Job;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.fermix.web.recordings.Recording;
import org.fermix.web.recordings.Recordings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The proof of the battery a job brings in: old against new, and its way into the machine. */
@Service
public class Proofs implements ReadAhead {
  private final IncomingRepository incoming;
  private final ProofRepository stored;
  private final Batteries batteries;
  private final Labels labels;
  private final BatteryLog log;
  private final Recordings recordings;
  private final Jobs jobs;
  private final Submissions submissions;
  private final Clock clock;

  Proofs(
      IncomingRepository incoming,
      ProofRepository stored,
      Batteries batteries,
      Labels labels,
      BatteryLog log,
      Recordings recordings,
      Jobs jobs,
      Submissions submissions,
      Clock clock) {
    this.incoming = incoming;
    this.stored = stored;
    this.batteries = batteries;
    this.labels = labels;
    this.log = log;
    this.recordings = recordings;
    this.jobs = jobs;
    this.submissions = submissions;
    this.clock = clock;
  }

  /** What a request reads of a job's proof. */
  private record Kept(List<StoredIncoming> incoming, List<StoredProof> proofs) {}

  /**
   * Where a proof stands.
   *
   * @param battery the new one; empty before its first reading
   * @param oldReadings of the old one, by what they prove
   * @param freshReadings of the new one, by what they prove
   * @param oldStart the newest recorded start of the old one
   * @param freshStart the one the new one's proof rests on
   * @param handedOver when it took the old one's place
   */
  record State(
      Fittings.Incoming coming,
      Optional<UUID> battery,
      Proof proof,
      Map<ProofMeasure, TakenReading> oldReadings,
      Map<ProofMeasure, TakenReading> freshReadings,
      Map<ProofMeasure, StoredProof> kept,
      Optional<Recording> oldStart,
      Optional<Recording> freshStart,
      Optional<Instant> handedOver) {
    State {
      oldReadings = Map.copyOf(oldReadings);
      freshReadings = Map.copyOf(freshReadings);
      kept = Map.copyOf(kept);
    }

    Compared of(ProofMeasure measure) {
      return proof.compared().stream()
          .filter(each -> each.measure() == measure)
          .findFirst()
          .orElseThrow();
    }
  }

  @Override
  public int order() {
    return 6;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> all) {
    List<UUID> ids = all.stream().map(OpenJob::jobId).toList();
    Map<UUID, List<StoredIncoming>> coming = new HashMap<>();
    incoming
        .findByGarageIdAndKeyJobIdIn(garageId, ids)
        .forEach(each -> coming.computeIfAbsent(each.jobId(), id -> new ArrayList<>()).add(each));
    Map<UUID, List<StoredProof>> proofs = new HashMap<>();
    stored
        .findByGarageIdAndKeyJobIdIn(garageId, ids)
        .forEach(each -> proofs.computeIfAbsent(each.jobId(), id -> new ArrayList<>()).add(each));
    all.forEach(
        job ->
            job.knows(
                new Kept(
                    coming.getOrDefault(job.jobId(), List.of()),
                    proofs.getOrDefault(job.jobId(), List.of()))));
  }

  private Kept kept(OpenJob job) {
    return job.once(
        Kept.class,
        () ->
            new Kept(
                incoming.findByGarageIdAndKeyJobIdIn(job.garageId(), List.of(job.jobId())),
                stored.findByGarageIdAndKeyJobIdIn(job.garageId(), List.of(job.jobId()))));
  }

  /** How many measures were taken of whatever comes in, and whether it is in. */
  Progress progress(OpenJob job) {
    Kept kept = kept(job);
    return new Progress(
        kept.proofs().size(),
        kept.incoming().stream().flatMap(each -> each.handedOverAt().stream()).findFirst());
  }

  /** How far a proof has come. */
  record Progress(int measured, Optional<Instant> handedOver) {}

  /** The state of a job's proof. */
  @Transactional(readOnly = true)
  State state(OpenJob job, Fittings.Incoming coming) {
    Kept kept = kept(job);
    Optional<StoredIncoming> own = own(kept, coming);
    Optional<UUID> battery = own.map(StoredIncoming::batteryId);
    Map<ProofMeasure, StoredProof> proofs = new EnumMap<>(ProofMeasure.class);
    kept.proofs().stream()
        .filter(each -> battery.filter(each.batteryId()::equals).isPresent())
        .forEach(each -> proofs.put(each.measure(), each));
    Map<UUID, TakenReading> byId = new HashMap<>();
    battery.ifPresent(id -> log.of(job.garageId(), id).forEach(each -> byId.put(each.id(), each)));
    Map<ProofMeasure, TakenReading> freshReadings = new EnumMap<>(ProofMeasure.class);
    Map<ProofMeasure, ProofResult> fresh = new EnumMap<>(ProofMeasure.class);
    Map<ProofMeasure, Forecast> foretold = new EnumMap<>(ProofMeasure.class);
    ProofResults results = new ProofResults(coming.need(), Optional.of(coming.label()));
    proofs.forEach(
        (measure, proof) -> {
          @Nullable TakenReading reading = byId.get(proof.readingId());
          if (reading == null) {
            return;
          }
          Optional<ProofResult> result =
              measure == ProofMeasure.SPEED
                  ? Optional.of(ProofResults.speed(proof.measured(), reading.number("temperature")))
                  : results.of(measure, reading);
          result.ifPresent(
              each -> {
                freshReadings.put(measure, reading);
                fresh.put(measure, each);
                proof.foretold().ifPresent(forecast -> foretold.put(measure, forecast));
              });
        });
    Map<ProofMeasure, TakenReading> oldReadings = new EnumMap<>(ProofMeasure.class);
    List<TakenReading> checked = log.checked(job);
    checked.stream()
        .filter(each -> ProofResults.proves(each.kind()))
        .forEach(each -> oldReadings.put(ProofResults.measure(each), each));
    Optional<Recording> oldStart =
        batteries.of(job).flatMap(each -> newest(recordings.ofBattery(job, each.id())));
    Optional<Recording> freshStart =
        Optional.ofNullable(proofs.get(ProofMeasure.CRANKING))
            .flatMap(StoredProof::recordingId)
            .flatMap(
                id -> recordings.of(job).stream().filter(each -> each.id().equals(id)).findFirst());
    Map<ProofMeasure, ProofResult> old =
        new ProofResults(coming.need(), coming.old()).of(checked, oldStart);
    Proof proof =
        Proof.of(
            coming.need(),
            coming.old().map(Label::chemistry),
            coming.label(),
            old,
            fresh,
            foretold);
    return new State(
        coming,
        battery,
        proof,
        oldReadings,
        freshReadings,
        proofs,
        oldStart,
        freshStart,
        own.flatMap(StoredIncoming::handedOverAt));
  }

  private static Optional<Recording> newest(List<Recording> all) {
    return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
  }

  /** The battery of the label that comes in, among all that ever did. */
  private static Optional<StoredIncoming> own(Kept kept, Fittings.Incoming coming) {
    return kept.incoming().stream().filter(each -> each.isBy(coming.labelId())).findFirst();
  }

  private UUID battery(OpenJob job, Fittings.Incoming coming) {
    jobs.hold(job);
    job.forget();
    return own(kept(job), coming)
        .map(StoredIncoming::batteryId)
        .orElseGet(
            () -> {
              HeldBattery made =
                  batteries.onShelf(job, labels.label(job.garageId(), coming.labelId()));
              incoming.save(
                  new StoredIncoming(job.garageId(), job.jobId(), made.id(), coming.labelId()));
              job.forget();
              return made.id();
            });
  }

  /**
   * Takes a measure of the new battery down, in place of what was taken before; the same form once.
   *
   * @return false when its log is full
   */
  @Transactional
  public boolean take(
      OpenJob job,
      Fittings.Incoming coming,
      ProofMeasure measure,
      UUID number,
      String instrument,
      Map<String, String> facts) {
    UUID battery = battery(job, coming);
    if (submissions.made(job.garageId(), number).isPresent()) {
      return true;
    }
    ReadingKind kind = measure.kind();
    Optional<UUID> reading = log.take(job, battery, number, kind, instrument, facts);
    reading.ifPresent(
        id ->
            new ProofResults(coming.need(), Optional.of(coming.label()))
                .of(measure, new TakenReading(id, kind, clock.instant(), instrument, facts))
                .ifPresent(result -> keep(job, coming, battery, measure, id, null, result)));
    return reading.isPresent();
  }

  /**
   * Takes a recorded start of the new battery down; the same form once.
   *
   * @return false when as many are kept as can be
   */
  @Transactional
  boolean takeStart(
      OpenJob job,
      Fittings.Incoming coming,
      UUID number,
      String name,
      Optional<Double> temperatureC,
      Recordings.Prepared prepared) {
    if (submissions.made(job.garageId(), number).isPresent()) {
      return true;
    }
    UUID battery = battery(job, coming);
    if (!log.hasRoom(job, battery)) {
      // Else a recording would be kept that nothing shows.
      return false;
    }
    Optional<UUID> kept = recordings.keepOf(job, battery, number, name, prepared);
    if (kept.isEmpty()) {
      return false;
    }
    Map<String, Double> found = recordings.recording(job, kept.get()).features();
    double volts = Math.max(0, Math.min(40, found.getOrDefault("crankingVolts", 0.0)));
    Map<String, String> facts = new HashMap<>();
    facts.put("volts", Double.toString(volts));
    facts.put(Recordings.RECORDED, "yes");
    temperatureC.ifPresent(each -> facts.put("temperature", Double.toString(each)));
    Optional<UUID> reading =
        log.take(
            job, battery, Submissions.number(), ReadingKind.CRANKING_VOLTS, "recording", facts);
    if (reading.isEmpty()) {
      return false;
    }
    TakenReading taken =
        new TakenReading(
            reading.get(), ReadingKind.CRANKING_VOLTS, clock.instant(), "recording", facts);
    ProofResults results = new ProofResults(coming.need(), Optional.of(coming.label()));
    results
        .of(ProofMeasure.CRANKING, taken)
        .ifPresent(
            each ->
                keep(job, coming, battery, ProofMeasure.CRANKING, taken.id(), kept.get(), each));
    // The speed of an earlier start is not that of this one, where this one shows no beat.
    untake(job, battery, ProofMeasure.SPEED);
    Optional.ofNullable(found.get("rpm"))
        .ifPresent(
            rpm ->
                keep(
                    job,
                    coming,
                    battery,
                    ProofMeasure.SPEED,
                    taken.id(),
                    kept.get(),
                    ProofResults.speed(rpm, temperatureC)));
    return true;
  }

  private void keep(
      OpenJob job,
      Fittings.Incoming coming,
      UUID battery,
      ProofMeasure measure,
      UUID readingId,
      @Nullable UUID recordingId,
      ProofResult result) {
    untake(job, battery, measure);
    Optional<Forecast> forecast = Proof.foretells(measure, coming.need(), coming.label(), result);
    stored.save(
        new StoredProof(
            job.garageId(),
            new StoredProof.Key(job.jobId(), battery, measure),
            readingId,
            recordingId,
            clock.instant(),
            result.value(),
            forecast,
            ModelPrint.own()));
    stored.flush();
    job.forget();
  }

  private void untake(OpenJob job, UUID battery, ProofMeasure measure) {
    job.forget();
    kept(job).proofs().stream()
        .filter(each -> each.batteryId().equals(battery) && each.measure() == measure)
        .findFirst()
        .ifPresent(
            each -> {
              stored.delete(each);
              stored.flush();
            });
    job.forget();
  }

  /** Takes a measure back: it was not so. A start's speed goes with its volts. */
  @Transactional
  void takeBack(OpenJob job, Fittings.Incoming coming, ProofMeasure measure) {
    UUID battery = battery(job, coming);
    List<UUID> readings =
        kept(job).proofs().stream()
            .filter(each -> each.batteryId().equals(battery) && each.measure() == measure)
            .map(StoredProof::readingId)
            .toList();
    readings.forEach(each -> log.withdraw(job, battery, each));
    kept(job).proofs().stream()
        .filter(each -> readings.contains(each.readingId()))
        .forEach(stored::delete);
    stored.flush();
    job.forget();
  }

  /** The new one has the old one's place, its readings go on as its own, and the job is closed. */
  @Transactional
  void handOver(Visitor visitor, OpenJob job, Fittings.Incoming coming) {
    UUID battery = battery(job, coming);
    StoredIncoming own = own(kept(job), coming).orElseThrow();
    if (own.handedOverAt().isEmpty()) {
      batteries.handOver(
          job,
          battery,
          labels.twin(labels.label(job.garageId(), coming.labelId()), clock.instant()));
      own.handedOver(clock.instant());
      incoming.save(own);
    }
    jobs.become(visitor, job.jobId(), Job.State.CLOSED);
    job.forget();
  }

  /**
   * The old one is still in after all.
   *
   * @return false where another battery has taken the place since
   */
  @Transactional
  boolean handBack(OpenJob job, Fittings.Incoming coming) {
    job.forget();
    Optional<StoredIncoming> own = own(kept(job), coming);
    if (own.flatMap(StoredIncoming::handedOverAt).isEmpty()) {
      return true;
    }
    if (!batteries.handBack(job, own.get().batteryId())) {
      return false;
    }
    own.get().handedOver(null);
    incoming.save(own.get());
    job.forget();
    return true;
  }
}
