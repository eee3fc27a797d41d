package org.fermix.web.garage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface StoredFitRepository extends Repository<StoredFit, UUID> {
  StoredFit save(StoredFit fit);

  Optional<StoredFit> findByMachineIdAndOwnerId(UUID machineId, UUID ownerId);

  List<StoredFit> findByOwnerId(UUID ownerId);

  long deleteByMachineIdAndOwnerId(UUID machineId, UUID ownerId);
}
