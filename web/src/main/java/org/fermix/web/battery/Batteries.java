package org.fermix.web.battery;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The batteries of a garage's machines. */
@Service
public class Batteries implements ReadAhead {
  private final BatteryRepository batteries;
  private final Jobs jobs;
  private final Clock clock;

  Batteries(BatteryRepository batteries, Jobs jobs, Clock clock) {
    this.batteries = batteries;
    this.jobs = jobs;
    this.clock = clock;
  }

  /** What a request reads of a job's battery. */
  private record Found(Optional<HeldBattery> battery) {}

  /** The battery a job is about; empty while nothing is known of it. */
  @Transactional(readOnly = true)
  public Optional<HeldBattery> of(OpenJob job) {
    return job.once(Found.class, () -> new Found(find(job))).battery();
  }

  @Override
  public int order() {
    return 2;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> all) {
    List<HeldBattery> held = batteries.findByGarageId(garageId);
    Map<UUID, UUID> about = jobs.batteryIds(garageId);
    for (OpenJob job : all) {
      @Nullable UUID said = about.get(job.jobId());
      Optional<HeldBattery> own = held.stream().filter(each -> each.id().equals(said)).findFirst();
      job.knows(new Found(own.or(() -> inPlace(held, job))));
    }
  }

  private static Optional<HeldBattery> inPlace(List<HeldBattery> held, OpenJob job) {
    return held.stream()
        .filter(each -> each.machineId().filter(job.machineId()::equals).isPresent())
        .filter(each -> each.position() == HeldBattery.Position.START)
        .filter(each -> each.removedOn().isEmpty())
        .findFirst();
  }

  private Optional<HeldBattery> find(OpenJob job) {
    return jobs.batteryId(job)
        .flatMap(id -> batteries.findByIdAndGarageId(id, job.garageId()))
        .or(
            () ->
                batteries.findByMachineIdAndGarageIdAndPositionAndRemovedOnIsNull(
                    job.machineId(), job.garageId(), HeldBattery.Position.START));
  }

  /** The same to be changed, or read, recorded: made where there was none. */
  @Transactional
  @CanIgnoreReturnValue
  public HeldBattery held(OpenJob job) {
    jobs.hold(job);
    return find(job)
        .orElseGet(
            () -> {
              HeldBattery made = batteries.save(new HeldBattery(job.garageId(), job.machineId()));
              jobs.isAbout(job, made.id());
              job.forget();
              return made;
            });
  }

  /** One by its id. */
  @Transactional(readOnly = true)
  public Optional<HeldBattery> battery(UUID garageId, UUID id) {
    return batteries.findByIdAndGarageId(id, garageId);
  }

  /** A new one of a label, on the shelf until it is fitted. */
  @Transactional
  public HeldBattery onShelf(OpenJob job, StoredLabel label) {
    jobs.hold(job);
    return batteries.save(new HeldBattery(job.garageId(), label));
  }

  /**
   * The new one takes the old one’s place in the job’s machine; the job goes on being about the old
   * one.
   *
   * @param label of its own from now on, so that what is said of it later stays out of the job
   */
  @Transactional
  public void handOver(OpenJob job, UUID newId, StoredLabel label) {
    HeldBattery old = held(job);
    jobs.isAbout(job, old.id());
    old.takeOut(today());
    batteries.save(old);
    // One at a time in a place: the old one is out before the new one is in.
    batteries.flush();
    HeldBattery fresh = battery(job.garageId(), newId).orElseThrow();
    fresh.describe(label);
    fresh.fit(job.machineId(), today());
    batteries.flush();
    job.forget();
  }

  /**
   * Takes a hand-over back.
   *
   * @return false where another battery has taken the place since
   */
  @Transactional
  public boolean handBack(OpenJob job, UUID newId) {
    jobs.hold(job);
    Optional<HeldBattery> inPlace =
        batteries.findByMachineIdAndGarageIdAndPositionAndRemovedOnIsNull(
            job.machineId(), job.garageId(), HeldBattery.Position.START);
    if (inPlace.filter(each -> each.id().equals(newId)).isEmpty()) {
      return false;
    }
    inPlace.get().putBackOnShelf();
    batteries.flush();
    held(job).stays();
    batteries.flush();
    job.forget();
    return true;
  }

  /** Today, for ages. */
  public LocalDate today() {
    return LocalDate.now(clock.withZone(ZoneOffset.UTC));
  }
}
