package org.fermix.web.decide;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.fermix.core.plan.Extra;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What goes with each battery of a job costs, as its owner has typed it. */
@Service
class Bills {
  private final BillRepository stored;
  private final LineUp lineUp;
  private final Needs needs;

  Bills(BillRepository stored, LineUp lineUp, Needs needs) {
    this.needs = needs;
    this.stored = stored;
    this.lineUp = lineUp;
  }

  /**
   * What was typed. It goes by the battery: another that takes over its letter inherits nothing.
   *
   * @param letters the batteries as they are lettered now
   */
  record Costs(
      Set<StoredBill.Cost> typed, Map<String, UUID> letters, String currency, long version) {
    Costs {
      typed = Set.copyOf(typed);
      letters = Map.copyOf(letters);
    }

    Optional<Double> of(String letter, Extra.Kind kind) {
      return typed.stream()
          .filter(each -> each.kind() == kind && each.labelId().equals(letters.get(letter)))
          .filter(each -> each.currency().equals(currency))
          .map(each -> each.amount().doubleValue())
          .findFirst();
    }
  }

  @Transactional(readOnly = true)
  Costs of(OpenJob job) {
    return job.once(
        Costs.class,
        () ->
            stored
                .findByJobIdAndGarageId(job.jobId(), job.garageId())
                .map(
                    bill ->
                        new Costs(bill.costs(), letters(job), needs.currency(job), bill.version()))
                .orElse(new Costs(Set.of(), Map.of(), needs.currency(job), 0)));
  }

  private Map<String, UUID> letters(OpenJob job) {
    Map<String, UUID> letters = new HashMap<>();
    lineUp.labels(job).forEach((letter, label) -> letters.put(letter, label.id()));
    return letters;
  }

  /**
   * Keeps what one battery's things cost; those not named are forgotten.
   *
   * @throws StaleEdit where another has typed meanwhile
   */
  @Transactional
  void keep(
      OpenJob job,
      long version,
      String letter,
      Map<Extra.Kind, BigDecimal> costs,
      String currency) {
    UUID id = job.jobId();
    StoredBill bill =
        stored
            .findByJobIdAndGarageId(id, job.garageId())
            .orElseGet(() -> new StoredBill(id, job.garageId()));
    if (bill.version() != version) {
      throw new StaleEdit("what it costs");
    }
    bill.put(
        lineUp.labelId(job, letter).orElseThrow(() -> new NotHere("battery")), costs, currency);
    stored.save(bill);
    stored.flush();
    job.forget();
  }
}
