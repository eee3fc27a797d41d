package org.fermix.web.battery;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.fermix.web.shared.NotHere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A garage's labels, and the newest offer for each. */
@Service
public class Labels {
  private final LabelRepository labels;
  private final OfferRepository offers;
  private final Clock clock;

  Labels(LabelRepository labels, OfferRepository offers, Clock clock) {
    this.labels = labels;
    this.offers = offers;
    this.clock = clock;
  }

  /**
   * One label.
   *
   * @throws NotHere when the garage has none of that id
   */
  @Transactional(readOnly = true)
  public StoredLabel label(UUID garageId, UUID id) {
    return labels.findByIdAndGarageId(id, garageId).orElseThrow(() -> new NotHere("label"));
  }

  /** Several, by id. */
  @Transactional(readOnly = true)
  public Map<UUID, StoredLabel> labels(UUID garageId, Collection<UUID> ids) {
    return ids.isEmpty()
        ? Map.of()
        : labels.findByGarageIdAndIdIn(garageId, ids).stream()
            .collect(Collectors.toMap(StoredLabel::id, Function.identity()));
  }

  /** The newest offer for each of some labels, by the label's id. */
  @Transactional(readOnly = true)
  public Map<UUID, Offer> offers(UUID garageId, Collection<UUID> labelIds) {
    Map<UUID, Offer> newest = new HashMap<>();
    if (!labelIds.isEmpty()) {
      List<Offer> all = offers.findByGarageIdAndLabelIdInOrderByMadeAt(garageId, labelIds);
      all.forEach(offer -> newest.put(offer.labelId(), offer));
    }
    return newest;
  }

  /** Everything that was ever asked for some labels, the oldest first, by the label’s id. */
  @Transactional(readOnly = true)
  public Map<UUID, List<Offer>> allOffers(UUID garageId, Collection<UUID> labelIds) {
    return labelIds.isEmpty()
        ? Map.of()
        : offers.findByGarageIdAndLabelIdInOrderByMadeAt(garageId, labelIds).stream()
            .collect(Collectors.groupingBy(Offer::labelId));
  }

  /** Keeps a label. */
  @Transactional
  @CanIgnoreReturnValue
  public StoredLabel save(StoredLabel label) {
    return labels.save(label);
  }

  /** The same label once more, by itself. */
  @Transactional
  public StoredLabel twin(StoredLabel label, Instant now) {
    return labels.save(label.twin(now));
  }

  /** Lets go of labels that no battery and no candidate has any more. */
  @Transactional
  public void dropUnused(UUID garageId) {
    labels.flush();
    labels.deleteUnused(garageId);
  }

  /** Writes to the database what has changed, so that a stale version is found out. */
  public void flush() {
    labels.flush();
  }

  /**
   * Undoes the last change of a label, with the price that was typed with it.
   *
   * @return the age of its battery before (y); empty where there is nothing to undo
   */
  @Transactional
  public Optional<Double> undo(StoredLabel label) {
    Instant changed = label.changedAt();
    if (label.canUndo()) {
      allOffers(label.garageId(), List.of(label.id())).getOrDefault(label.id(), List.of()).stream()
          .filter(offer -> !offer.madeAt().isBefore(changed))
          .forEach(offers::delete);
    }
    return label.undo(clock.instant());
  }

  /** Keeps what is asked for it now, where that is new. */
  @Transactional
  public void offer(StoredLabel label, BigDecimal price, String currency, Optional<String> seller) {
    Optional<Offer> before =
        Optional.ofNullable(offers(label.garageId(), List.of(label.id())).get(label.id()));
    boolean same =
        before
            .filter(
                offer ->
                    offer.price().compareTo(price) == 0
                        && offer.currency().equals(currency)
                        && offer.seller().equals(seller))
            .isPresent();
    if (!same) {
      offers.save(new Offer(label, price, currency, seller, clock.instant()));
    }
  }
}
