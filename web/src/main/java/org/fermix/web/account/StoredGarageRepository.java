package org.fermix.web.account;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface StoredGarageRepository extends Repository<StoredGarage, UUID> {
  StoredGarage save(StoredGarage garage);

  Optional<StoredGarage> findById(UUID id);

  void delete(StoredGarage garage);

  void flush();

  /** The one a browser's key opens. */
  @Query(
      nativeQuery = true,
      value =
          "select g.* from garage g join garage_key k on k.garage_id = g.id where k.hash = :hash"
              + " and k.kind = 'BROWSER' and (k.ends_at is null or k.ends_at > :now)")
  Optional<StoredGarage> opensBy(String hash, Instant now);

  Optional<StoredGarage> findByKind(StoredGarage.Kind kind);

  /** One, held until the transaction ends: others that want it wait. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select garage from StoredGarage garage where garage.id = :id")
  Optional<StoredGarage> lock(UUID id);
}
