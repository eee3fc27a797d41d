package org.fermix.web.lineup;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface BatteryRepository extends Repository<Battery, UUID> {
  Battery save(Battery battery);

  void flush();

  List<Battery> findByJobIdAndOwnerIdAndRemovedAtIsNullOrderByLetter(UUID jobId, UUID ownerId);

  Optional<Battery> findByIdAndJobIdAndOwnerId(UUID id, UUID jobId, UUID ownerId);
}
