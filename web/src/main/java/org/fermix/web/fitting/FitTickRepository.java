package org.fermix.web.fitting;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface FitTickRepository extends Repository<FitTick, UUID> {
  @CanIgnoreReturnValue
  FitTick save(FitTick tick);

  void delete(FitTick tick);

  void flush();

  List<FitTick> findByGarageIdAndJobIdIn(UUID garageId, Collection<UUID> jobIds);
}
