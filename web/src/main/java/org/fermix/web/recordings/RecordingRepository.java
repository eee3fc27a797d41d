package org.fermix.web.recordings;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Recorded starts, always by garage. */
interface RecordingRepository extends Repository<Recording, UUID> {
  @CanIgnoreReturnValue
  Recording save(Recording recording);

  void flush();

  void delete(Recording recording);

  List<Recording> findByMachineIdAndGarageIdAndRemovedAtIsNullOrderByTakenAt(
      UUID machineId, UUID garageId);

  List<Recording> findByMachineIdAndGarageIdAndRemovedAtIsNotNullOrderByRemovedAtDesc(
      UUID machineId, UUID garageId);

  Optional<Recording> findByIdAndMachineIdAndGarageId(UUID id, UUID machineId, UUID garageId);
}
