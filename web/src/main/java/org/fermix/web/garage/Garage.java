package org.fermix.web.garage;

import java.util.Optional;
import java.util.UUID;
import org.fermix.web.account.Accounts;
import org.fermix.web.account.Submissions;
import org.fermix.web.job.Jobs;
import org.fermix.web.machine.Description;
import org.fermix.web.machine.Machines;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A garage as a whole: the way in for new machines. */
@Service
public class Garage {
  private final Accounts accounts;
  private final Submissions submissions;
  private final Machines machines;
  private final Jobs jobs;

  Garage(Accounts accounts, Submissions submissions, Machines machines, Jobs jobs) {
    this.accounts = accounts;
    this.submissions = submissions;
    this.machines = machines;
    this.jobs = jobs;
  }

  /**
   * Adds a machine and opens its first job; one at a time in each garage.
   *
   * @param number the form was drawn with
   * @return the job; the same again for the same form; empty when the garage is full
   */
  @Transactional
  public Optional<UUID> add(UUID garageId, UUID number, Description description) {
    accounts.hold(garageId);
    Optional<UUID> before = submissions.made(garageId, number);
    if (before.isPresent()) {
      return before;
    }
    Optional<UUID> job = machines.add(garageId, description).map(jobs::first);
    job.ifPresent(made -> submissions.remember(garageId, number, made));
    return job;
  }
}
