package org.fermix.web.garage;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface JobRepository extends Repository<Job, UUID> {
  Job save(Job job);

  Optional<Job> findByIdAndGarageId(UUID id, UUID garageId);

  List<Job> findByGarageIdOrderByOpenedAtDesc(UUID garageId);

  /** The same, held until the transaction ends: others that want it wait. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select job from Job job where job.id = :id and job.garageId = :garageId")
  Optional<Job> lock(UUID id, UUID garageId);
}
