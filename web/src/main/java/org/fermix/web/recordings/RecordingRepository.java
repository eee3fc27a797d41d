package org.fermix.web.recordings;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Recorded starts, always by owner. */
interface RecordingRepository extends Repository<Recording, UUID> {
  Recording save(Recording recording);

  List<Recording> findByJobIdAndGarageIdOrderByTakenAt(UUID jobId, UUID garageId);

  Optional<Recording> findByIdAndJobIdAndGarageId(UUID id, UUID jobId, UUID garageId);

  long deleteByIdAndJobIdAndGarageId(UUID id, UUID jobId, UUID garageId);
}
