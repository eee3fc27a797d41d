package org.fermix.web.battery;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface OfferRepository extends Repository<Offer, UUID> {
  @CanIgnoreReturnValue
  Offer save(Offer offer);

  void delete(Offer offer);

  List<Offer> findByGarageIdAndLabelIdInOrderByMadeAt(UUID garageId, Collection<UUID> labelIds);
}
