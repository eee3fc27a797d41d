package org.fermix.web.approval;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.fermix.core.permission.Permission;
import org.fermix.web.account.Submissions;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.fermix.web.machine.Machines;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The documents of a machine, with their revisions. */
@Service
public class Approvals implements ReadAhead {
  private static final Comparator<StoredApproval> NEWEST_FIRST =
      Comparator.comparing(StoredApproval::since).thenComparing(StoredApproval::madeAt).reversed();

  private final ApprovalRepository approvals;
  private final Machines machines;
  private final Submissions submissions;
  private final Clock clock;

  Approvals(ApprovalRepository approvals, Machines machines, Submissions submissions, Clock clock) {
    this.approvals = approvals;
    this.machines = machines;
    this.submissions = submissions;
    this.clock = clock;
  }

  /**
   * One document with all its revisions.
   *
   * @param revisions newest first
   */
  public record Document(List<StoredApproval> revisions) {
    /** Copies the list. */
    public Document {
      revisions = List.copyOf(revisions);
    }

    /** The revision in force. */
    public StoredApproval current() {
      return revisions.get(0);
    }

    /** The one before it. */
    public Optional<StoredApproval> earlier() {
      return revisions.stream().skip(1).findFirst();
    }
  }

  private record Known(List<Document> documents) {}

  @Override
  public int order() {
    return 0;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> jobs) {
    Map<UUID, List<StoredApproval>> all =
        approvals
            .findByGarageIdAndMachineIdInOrderByMadeAt(
                garageId, jobs.stream().map(OpenJob::machineId).distinct().toList())
            .stream()
            .collect(Collectors.groupingBy(StoredApproval::machineId));
    jobs.forEach(job -> job.knows(known(all.getOrDefault(job.machineId(), List.of()))));
  }

  private static Known known(List<StoredApproval> all) {
    Map<String, List<StoredApproval>> byDocument =
        all.stream()
            .filter(each -> !each.isRemoved())
            .collect(
                Collectors.groupingBy(
                    each -> each.document.toLowerCase(Locale.ROOT),
                    java.util.LinkedHashMap::new,
                    Collectors.toList()));
    return new Known(
        byDocument.values().stream()
            .map(revisions -> new Document(revisions.stream().sorted(NEWEST_FIRST).toList()))
            .toList());
  }

  private List<StoredApproval> all(OpenJob job) {
    return approvals.findByGarageIdAndMachineIdInOrderByMadeAt(
        job.garageId(), List.of(job.machineId()));
  }

  /** The documents of a job’s machine. */
  @Transactional(readOnly = true)
  public List<Document> documents(OpenJob job) {
    return job.once(Known.class, () -> known(all(job))).documents();
  }

  /** What may be fitted to a job’s machine, by the revisions in force. */
  @Transactional(readOnly = true)
  public Permission of(OpenJob job) {
    List<Document> documents = documents(job);
    // Without a document the day makes no difference, and answers may be remembered over it.
    return documents.isEmpty() && job.basis().isEmpty()
        ? Permission.NONE
        : new Permission(
            job.basis(),
            documents.stream().map(each -> each.current().approval()).toList(),
            LocalDate.now(clock));
  }

  /** Adds one by its form’s field names; for the demo garage. */
  @Transactional
  public void add(OpenJob job, Map<String, String> fields) {
    Form form = ApprovalForm.typed(ApprovalForm.blank(Display.USUAL), fields);
    if (!form.isSound() || !add(job, Submissions.number(), form)) {
      throw new IllegalArgumentException("not a sound approval: " + form.wrong());
    }
  }

  @Transactional(readOnly = true)
  StoredApproval one(OpenJob job, UUID id) {
    return approvals
        .findByIdAndGarageId(id, job.garageId())
        .filter(each -> each.machineId().equals(job.machineId()))
        .orElseThrow(() -> new NotHere("document"));
  }

  /**
   * Adds one; the same form adds it once.
   *
   * @return false when the machine has no room for another
   */
  @Transactional
  boolean add(OpenJob job, UUID number, Form form) {
    machines.hold(job.garageId(), job.machineId());
    if (submissions.made(job.garageId(), number).isPresent()) {
      return true;
    }
    List<StoredApproval> all = new ArrayList<>(all(job));
    if (all.stream().filter(each -> !each.isRemoved()).count() >= Permission.MOST) {
      return false;
    }
    // Of what was removed a few can be taken back; the rest goes.
    all.stream()
        .filter(StoredApproval::isRemoved)
        .sorted(NEWEST_FIRST)
        .skip(Permission.MOST)
        .forEach(approvals::delete);
    StoredApproval approval = new StoredApproval(job.garageId(), job.machineId(), clock.instant());
    ApprovalForm.write(form, approval);
    approvals.save(approval);
    submissions.remember(job.garageId(), number, approval.id());
    job.forget();
    return true;
  }

  @Transactional
  void change(OpenJob job, UUID id, long version, Form form) {
    StoredApproval approval = one(job, id);
    if (approval.version() != version) {
      throw new StaleEdit(approval.document);
    }
    ApprovalForm.write(form, approval);
    approval.restore();
    approvals.flush();
    job.forget();
  }

  @Transactional
  void remove(OpenJob job, UUID id) {
    one(job, id).remove(clock.instant());
    job.forget();
  }

  /** Takes one back; false when the machine has no room for it. */
  @Transactional
  boolean restore(OpenJob job, UUID id) {
    machines.hold(job.garageId(), job.machineId());
    if (all(job).stream().filter(each -> !each.isRemoved()).count() >= Permission.MOST) {
      return false;
    }
    one(job, id).restore();
    job.forget();
    return true;
  }
}
