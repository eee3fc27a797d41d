package org.fermix.web.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface StoredGarageRepository extends Repository<StoredGarage, UUID> {
  StoredGarage save(StoredGarage garage);

  Optional<StoredGarage> findById(UUID id);

  Optional<StoredGarage> findByTokenHash(String tokenHash);

  Optional<StoredGarage> findByKind(StoredGarage.Kind kind);
}
