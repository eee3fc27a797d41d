package org.fermix.web.charger;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.fermix.web.account.Accounts;
import org.fermix.web.account.Submissions;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A garage’s chargers. */
@Service
public class Chargers {
  /** Most in one garage. */
  static final int MOST = 20;

  private final ChargerRepository chargers;
  private final Accounts accounts;
  private final Submissions submissions;
  private final Clock clock;

  Chargers(ChargerRepository chargers, Accounts accounts, Submissions submissions, Clock clock) {
    this.chargers = chargers;
    this.accounts = accounts;
    this.submissions = submissions;
    this.clock = clock;
  }

  /** Adds one by its form’s field names, metric; for the demo garage. */
  @Transactional
  public void add(OpenJob job, Map<String, String> fields) {
    Form form = ChargerForm.typed(ChargerForm.blank(Display.USUAL), fields);
    if (!form.isSound() || !add(job, Submissions.number(), form)) {
      throw new IllegalArgumentException("not a sound charger: " + form.wrong());
    }
  }

  private record Known(List<StoredCharger> owned) {}

  /** What the garage of a job owns, by name. */
  @Transactional(readOnly = true)
  public List<StoredCharger> of(OpenJob job) {
    return job.once(
            Known.class,
            () -> new Known(chargers.findByGarageIdAndRemovedAtIsNullOrderByName(job.garageId())))
        .owned();
  }

  @Transactional(readOnly = true)
  StoredCharger one(OpenJob job, UUID id) {
    return chargers
        .findByIdAndGarageId(id, job.garageId())
        .orElseThrow(() -> new NotHere("charger"));
  }

  /**
   * Adds one; the same form adds it once.
   *
   * @return false when the garage has no room for another
   */
  @Transactional
  boolean add(OpenJob job, UUID number, Form form) {
    accounts.hold(job.garageId());
    if (submissions.made(job.garageId(), number).isPresent()) {
      return true;
    }
    if (chargers.countByGarageIdAndRemovedAtIsNull(job.garageId()) >= MOST) {
      return false;
    }
    StoredCharger charger = new StoredCharger(job.garageId());
    ChargerForm.write(form, charger);
    chargers.save(charger);
    submissions.remember(job.garageId(), number, charger.id());
    job.forget();
    return true;
  }

  @Transactional
  void change(OpenJob job, UUID id, long version, Form form) {
    StoredCharger charger = one(job, id);
    if (charger.version() != version) {
      throw new StaleEdit(charger.name());
    }
    ChargerForm.write(form, charger);
    charger.restore();
    chargers.flush();
    job.forget();
  }

  @Transactional
  void remove(OpenJob job, UUID id) {
    one(job, id).remove(clock.instant());
    job.forget();
  }

  /** Takes one back; false when the garage has no room for it. */
  @Transactional
  boolean restore(OpenJob job, UUID id) {
    accounts.hold(job.garageId());
    if (chargers.countByGarageIdAndRemovedAtIsNull(job.garageId()) >= MOST) {
      return false;
    }
    one(job, id).restore();
    job.forget();
    return true;
  }
}
