package org.fermix.web.check;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Readings, always by garage. */
interface ReadingRepository extends Repository<Reading, UUID> {
  @CanIgnoreReturnValue
  Reading save(Reading reading);

  void delete(Reading reading);

  long countByBatteryIdAndGarageId(UUID batteryId, UUID garageId);

  List<Reading> findByBatteryIdAndGarageIdAndWithdrawnAtIsNullOrderByTakenAt(
      UUID batteryId, UUID garageId);

  Optional<Reading> findByIdAndBatteryIdAndGarageId(UUID id, UUID batteryId, UUID garageId);

  /** Those a job rests on, oldest first. */
  @Query(
      "select reading from Reading reading, JobReading rests"
          + " where rests.key.readingId = reading.id and rests.key.jobId = :jobId"
          + " and reading.garageId = :garageId and rests.garageId = :garageId"
          + " order by reading.takenAt")
  List<Reading> ofJob(UUID jobId, UUID garageId);

  /** A reading and a job that rests on it. */
  record Rested(UUID jobId, Reading reading) {}

  /** The same of all jobs of a garage. */
  @Query(
      "select new org.fermix.web.check.ReadingRepository$Rested(rests.key.jobId, reading)"
          + " from Reading reading, JobReading rests"
          + " where rests.key.readingId = reading.id and reading.garageId = :garageId"
          + " and rests.garageId = :garageId order by reading.takenAt")
  List<Rested> ofGarage(UUID garageId);

  /** One of them. */
  @Query(
      "select reading from Reading reading, JobReading rests"
          + " where rests.key.readingId = reading.id and rests.key.jobId = :jobId"
          + " and reading.garageId = :garageId and reading.id = :id")
  Optional<Reading> ofJob(UUID id, UUID jobId, UUID garageId);
}
