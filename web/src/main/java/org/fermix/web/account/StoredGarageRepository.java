package org.fermix.web.account;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface StoredGarageRepository extends Repository<StoredGarage, UUID> {
  StoredGarage save(StoredGarage garage);

  Optional<StoredGarage> findById(UUID id);

  Optional<StoredGarage> findByTokenHash(String tokenHash);

  Optional<StoredGarage> findByKind(StoredGarage.Kind kind);

  /** One, held until the transaction ends: others that want it wait. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select garage from StoredGarage garage where garage.id = :id")
  Optional<StoredGarage> lock(UUID id);
}
