package org.fermix.web.decide;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SettlementRepository extends Repository<StoredSettlement, UUID> {
  @CanIgnoreReturnValue
  StoredSettlement save(StoredSettlement settlement);

  void flush();

  List<StoredSettlement> findByJobIdAndGarageIdOrderByTurn(UUID jobId, UUID garageId);

  List<StoredSettlement> findByGarageIdAndJobIdInAndWithdrawnAtIsNull(
      UUID garageId, Collection<UUID> jobIds);
}
