package org.fermix.web.battery;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The batteries of a garage's machines. */
@Service
public class Batteries {
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

  /** Today, for ages. */
  public LocalDate today() {
    return LocalDate.now(clock.withZone(ZoneOffset.UTC));
  }
}
