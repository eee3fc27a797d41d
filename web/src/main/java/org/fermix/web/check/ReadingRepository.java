package org.fermix.web.check;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Readings, always by owner. */
interface ReadingRepository extends Repository<Reading, UUID> {
  Reading save(Reading reading);

  void flush();

  long countByJobIdAndGarageId(UUID jobId, UUID garageId);

  List<Reading> findByJobIdAndGarageIdOrderByTakenAt(UUID jobId, UUID garageId);

  Optional<Reading> findByIdAndJobIdAndGarageId(UUID id, UUID jobId, UUID garageId);
}
