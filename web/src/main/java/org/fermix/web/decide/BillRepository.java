package org.fermix.web.decide;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface BillRepository extends Repository<StoredBill, UUID> {
  StoredBill save(StoredBill bill);

  void flush();

  Optional<StoredBill> findByJobIdAndGarageId(UUID jobId, UUID garageId);
}
