package org.fermix.web.machine;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface MachineRepository extends Repository<Machine, UUID> {
  @CanIgnoreReturnValue
  Machine save(Machine machine);

  void flush();

  Optional<Machine> findByIdAndGarageId(UUID id, UUID garageId);

  List<Machine> findByGarageIdAndRemovedAtIsNullOrderByCreatedAt(UUID garageId);

  long countByGarageIdAndRemovedAtIsNull(UUID garageId);

  /** One, held until the transaction ends: others that want it wait. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query(
      "select machine from Machine machine where machine.id = :id and machine.garageId = :garageId")
  Optional<Machine> lock(UUID id, UUID garageId);
}
