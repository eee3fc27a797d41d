package org.fermix.web.instruments;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Hidden batteries, always by owner. */
interface StandInRepository extends Repository<StandIn, UUID> {
  @CanIgnoreReturnValue
  StandIn save(StandIn standIn);

  Optional<StandIn> findByJobIdAndGarageId(UUID jobId, UUID garageId);

  void flush();
}
