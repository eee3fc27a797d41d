package org.fermix.web.battery;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface BatteryRepository extends Repository<HeldBattery, UUID> {
  @CanIgnoreReturnValue
  HeldBattery save(HeldBattery battery);

  void flush();

  Optional<HeldBattery> findByIdAndGarageId(UUID id, UUID garageId);

  List<HeldBattery> findByGarageId(UUID garageId);

  Optional<HeldBattery> findByMachineIdAndGarageIdAndPositionAndRemovedOnIsNull(
      UUID machineId, UUID garageId, HeldBattery.Position position);
}
