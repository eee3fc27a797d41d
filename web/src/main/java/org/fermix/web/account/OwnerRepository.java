package org.fermix.web.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface OwnerRepository extends Repository<Owner, UUID> {
  Owner save(Owner owner);

  Optional<Owner> findByTokenHash(String tokenHash);

  Optional<Owner> findByKind(Owner.Kind kind);
}
