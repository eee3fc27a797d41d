package org.fermix.web.charger;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ChargerRepository extends Repository<StoredCharger, UUID> {
  @CanIgnoreReturnValue
  StoredCharger save(StoredCharger charger);

  void flush();

  Optional<StoredCharger> findByIdAndGarageId(UUID id, UUID garageId);

  List<StoredCharger> findByGarageIdAndRemovedAtIsNullOrderByName(UUID garageId);

  long countByGarageIdAndRemovedAtIsNull(UUID garageId);
}
