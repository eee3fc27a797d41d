package org.fermix.web.proving;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Batteries that come in, always by garage. */
interface IncomingRepository extends Repository<StoredIncoming, StoredIncoming.Key> {
  @CanIgnoreReturnValue
  StoredIncoming save(StoredIncoming incoming);

  List<StoredIncoming> findByGarageIdAndKeyJobIdIn(UUID garageId, Collection<UUID> jobIds);
}
