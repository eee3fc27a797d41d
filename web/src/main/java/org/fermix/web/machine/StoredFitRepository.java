package org.fermix.web.machine;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface StoredFitRepository extends Repository<StoredFit, UUID> {
  @CanIgnoreReturnValue
  StoredFit save(StoredFit fit);

  Optional<StoredFit> findByEngineIdAndGarageId(UUID engineId, UUID garageId);

  List<StoredFit> findByGarageId(UUID garageId);

  @CanIgnoreReturnValue
  long deleteByEngineIdAndGarageId(UUID engineId, UUID garageId);
}
