package org.fermix.web.need;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface NeedRepository extends Repository<NeedFacts, UUID> {
  @CanIgnoreReturnValue
  NeedFacts save(NeedFacts facts);

  void flush();

  Optional<NeedFacts> findByJobIdAndGarageId(UUID jobId, UUID garageId);

  List<NeedFacts> findByGarageIdAndJobIdIn(UUID garageId, Collection<UUID> jobIds);
}
