package org.fermix.web.lineup;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CandidateRepository extends Repository<StoredCandidate, UUID> {
  @CanIgnoreReturnValue
  StoredCandidate save(StoredCandidate candidate);

  void delete(StoredCandidate candidate);

  void flush();

  List<StoredCandidate> findByGarageIdAndJobIdInOrderByLetter(
      UUID garageId, Collection<UUID> jobIds);

  List<StoredCandidate> findByJobIdAndGarageIdOrderByLetter(UUID jobId, UUID garageId);
}
