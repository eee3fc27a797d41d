package org.fermix.web.machine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface StoredFitRepository extends Repository<StoredFit, UUID> {
  StoredFit save(StoredFit fit);

  Optional<StoredFit> findByMachineIdAndGarageId(UUID machineId, UUID garageId);

  List<StoredFit> findByGarageId(UUID garageId);

  long deleteByMachineIdAndGarageId(UUID machineId, UUID garageId);
}
