package org.fermix.web.practice;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Rounds of practice, always by owner. */
interface RoundRepository extends Repository<Round, UUID> {
  @CanIgnoreReturnValue
  Round save(Round round);

  Optional<Round> findByIdAndGarageId(UUID id, UUID garageId);

  List<Round> findByGarageIdOrderByBegunAtDesc(UUID garageId);

  void delete(Round round);
}
