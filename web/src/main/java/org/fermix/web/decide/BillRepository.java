package org.fermix.web.decide;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface BillRepository extends Repository<StoredBill, UUID> {
  @CanIgnoreReturnValue
  StoredBill save(StoredBill bill);

  void flush();

  Optional<StoredBill> findByJobIdAndGarageId(UUID jobId, UUID garageId);
}
