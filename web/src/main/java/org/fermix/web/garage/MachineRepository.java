package org.fermix.web.garage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface MachineRepository extends Repository<Machine, UUID> {
  Machine save(Machine machine);

  void flush();

  Optional<Machine> findByIdAndGarageId(UUID id, UUID garageId);

  List<Machine> findByGarageIdOrderByCreatedAt(UUID garageId);

  long countByGarageId(UUID garageId);
}
