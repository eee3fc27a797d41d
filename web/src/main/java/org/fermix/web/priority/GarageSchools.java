package org.fermix.web.priority;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** The schools of a garage, by the name of their question; what is absent was not chosen. */
@Entity
@Table(name = "garage_schools")
class GarageSchools implements Persistable<UUID> {
  @Id private UUID garageId = new UUID(0, 0);
  @Version private @Nullable Long version;

  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, String> schools = Map.of();

  protected GarageSchools() {}

  GarageSchools(UUID garageId) {
    this.garageId = garageId;
  }

  @Override
  public UUID getId() {
    return garageId;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
