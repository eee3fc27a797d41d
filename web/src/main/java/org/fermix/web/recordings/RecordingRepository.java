package org.fermix.web.recordings;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Recorded starts, always by owner. */
interface RecordingRepository extends Repository<Recording, UUID> {
  Recording save(Recording recording);

  List<Recording> findByJobIdAndOwnerIdOrderByTakenAt(UUID jobId, UUID ownerId);

  Optional<Recording> findByIdAndJobIdAndOwnerId(UUID id, UUID jobId, UUID ownerId);

  long deleteByIdAndJobIdAndOwnerId(UUID id, UUID jobId, UUID ownerId);
}
