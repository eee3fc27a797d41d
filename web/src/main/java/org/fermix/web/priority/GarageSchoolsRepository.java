package org.fermix.web.priority;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface GarageSchoolsRepository extends Repository<GarageSchools, UUID> {
  @CanIgnoreReturnValue
  GarageSchools save(GarageSchools schools);

  Optional<GarageSchools> findByGarageId(UUID garageId);
}
