package org.fermix.web.need;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface NeedRepository extends Repository<NeedFacts, UUID> {
  NeedFacts save(NeedFacts facts);

  void flush();

  Optional<NeedFacts> findByJobIdAndGarageId(UUID jobId, UUID garageId);
}
