package org.fermix.web.machine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface StoredFitRepository extends Repository<StoredFit, UUID> {
  StoredFit save(StoredFit fit);

  Optional<StoredFit> findByEngineIdAndGarageId(UUID engineId, UUID garageId);

  List<StoredFit> findByGarageId(UUID garageId);

  long deleteByEngineIdAndGarageId(UUID engineId, UUID garageId);
}
