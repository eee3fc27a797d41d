package org.fermix.web.lineup;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface BatteryRepository extends Repository<Battery, UUID> {
  Battery save(Battery battery);

  void flush();

  List<Battery> findByJobIdAndGarageIdAndRemovedAtIsNullOrderByLetter(UUID jobId, UUID garageId);

  Optional<Battery> findByIdAndJobIdAndGarageId(UUID id, UUID jobId, UUID garageId);
}
