package org.fermix.web.battery;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface LabelRepository extends Repository<StoredLabel, UUID> {
  StoredLabel save(StoredLabel label);

  void flush();

  Optional<StoredLabel> findByIdAndGarageId(UUID id, UUID garageId);

  List<StoredLabel> findByGarageIdAndIdIn(UUID garageId, Collection<UUID> ids);
}
