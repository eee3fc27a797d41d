package org.fermix.web.approval;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ApprovalRepository extends Repository<StoredApproval, UUID> {
  @CanIgnoreReturnValue
  StoredApproval save(StoredApproval approval);

  void flush();

  void delete(StoredApproval approval);

  Optional<StoredApproval> findByIdAndGarageId(UUID id, UUID garageId);

  List<StoredApproval> findByGarageIdAndMachineIdInOrderByMadeAt(
      UUID garageId, Collection<UUID> machineIds);
}
