package org.fermix.web.decide;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.plan.Extra;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.StaleEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What goes with each battery of a job costs, as its owner has typed it. */
@Service
class Bills {
  private final BillRepository stored;

  Bills(BillRepository stored) {
    this.stored = stored;
  }

  /** What was typed, by letter and what it is. */
  record Costs(Map<String, BigDecimal> typed, long version) {
    Optional<Double> of(String letter, Extra.Kind kind) {
      return Optional.ofNullable(typed.get(key(letter, kind))).map(BigDecimal::doubleValue);
    }
  }

  private static String key(String letter, Extra.Kind kind) {
    return letter + "." + kind.name();
  }

  @Transactional(readOnly = true)
  Costs of(OpenJob job) {
    return job.once(
        Costs.class,
        () ->
            stored
                .findByJobIdAndGarageId(job.jobId(), job.garageId())
                .map(bill -> new Costs(Map.copyOf(bill.costs), bill.version()))
                .orElse(new Costs(Map.of(), 0)));
  }

  /**
   * Keeps what one battery's things cost; those not named are forgotten.
   *
   * @throws StaleEdit where another has typed meanwhile
   */
  @Transactional
  void keep(OpenJob job, long version, String letter, Map<Extra.Kind, BigDecimal> costs) {
    UUID id = job.jobId();
    StoredBill bill =
        stored
            .findByJobIdAndGarageId(id, job.garageId())
            .orElseGet(() -> new StoredBill(id, job.garageId()));
    if (bill.version() != version) {
      throw new StaleEdit("what it costs");
    }
    Map<String, BigDecimal> all = new HashMap<>(bill.costs);
    for (Extra.Kind kind : Extra.Kind.values()) {
      all.remove(key(letter, kind));
    }
    costs.forEach((kind, amount) -> all.put(key(letter, kind), amount));
    bill.costs = Map.copyOf(all);
    stored.save(bill);
    stored.flush();
    job.forget();
  }
}
