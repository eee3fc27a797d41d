package org.fermix.web.job;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface JobRepository extends Repository<Job, UUID> {
  @CanIgnoreReturnValue
  Job save(Job job);

  Optional<Job> findByIdAndGarageId(UUID id, UUID garageId);

  List<Job> findByGarageIdOrderByOpenedAtDesc(UUID garageId);

  List<Job> findByMachineIdAndGarageIdOrderByOpenedAtDesc(UUID machineId, UUID garageId);
}
