package org.fermix.web.proving;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** What proves them, always by garage. */
interface ProofRepository extends Repository<StoredProof, StoredProof.Key> {
  @CanIgnoreReturnValue
  StoredProof save(StoredProof proof);

  void delete(StoredProof proof);

  void flush();

  List<StoredProof> findByGarageIdAndKeyJobIdIn(UUID garageId, Collection<UUID> jobIds);
}
