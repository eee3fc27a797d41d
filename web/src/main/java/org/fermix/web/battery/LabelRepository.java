package org.fermix.web.battery;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface LabelRepository extends Repository<StoredLabel, UUID> {
  @CanIgnoreReturnValue
  StoredLabel save(StoredLabel label);

  void flush();

  Optional<StoredLabel> findByIdAndGarageId(UUID id, UUID garageId);

  List<StoredLabel> findByGarageIdAndIdIn(UUID garageId, Collection<UUID> ids);

  /** Those that no battery and no candidate has any more. */
  @Modifying
  @Query(
      value =
          """
      delete from label where garage_id = :garageId
        and not exists (select 1 from battery where battery.label_id = label.id)
        and not exists (
          select 1 from candidate_battery part where part.label_id = label.id)
      """,
      nativeQuery = true)
  void deleteUnused(UUID garageId);
}
