package org.fermix.web.priority;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface PriorityRepository extends Repository<StoredPriorities, UUID> {
  @CanIgnoreReturnValue
  StoredPriorities save(StoredPriorities priorities);

  void flush();

  Optional<StoredPriorities> findByJobIdAndGarageId(UUID jobId, UUID garageId);

  List<StoredPriorities> findByGarageIdAndJobIdIn(UUID garageId, Collection<UUID> jobIds);
}
