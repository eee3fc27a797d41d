package org.fermix.web.check;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Readings, always by owner. */
interface ReadingRepository extends Repository<Reading, UUID> {
  Reading save(Reading reading);

  void flush();

  long countByJobIdAndOwnerId(UUID jobId, UUID ownerId);

  List<Reading> findByJobIdAndOwnerIdOrderByTakenAt(UUID jobId, UUID ownerId);

  Optional<Reading> findByIdAndJobIdAndOwnerId(UUID id, UUID jobId, UUID ownerId);
}
