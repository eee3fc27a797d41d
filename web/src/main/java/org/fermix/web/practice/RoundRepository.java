package org.fermix.web.practice;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Rounds of practice, always by owner. */
interface RoundRepository extends Repository<Round, UUID> {
  Round save(Round round);

  Optional<Round> findByIdAndOwnerId(UUID id, UUID ownerId);

  List<Round> findByOwnerIdOrderByBegunAtDesc(UUID ownerId);

  void delete(Round round);
}
