package org.fermix.web.approval;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.fermix.core.permission.Permission;
import org.fermix.core.permission.Requirement;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.StaleEdit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Copies the documents that say what may be fitted. */
@Controller
@RequestMapping("/jobs/{id}/approvals")
class ApprovalController {
  private static final String ONE = "/{approval:[0-9a-f-]{36}}";

  private final Jobs jobs;
  private final Rails rails;
  private final Approvals approvals;

  ApprovalController(Jobs jobs, Rails rails, Approvals approvals) {
    this.jobs = jobs;
    this.rails = rails;
    this.approvals = approvals;
  }

  /** An empty form, or one that begins as an earlier revision. */
  @GetMapping("/new")
  String add(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID after,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Form form =
        after == null
            ? ApprovalForm.blank(display)
            : ApprovalForm.of(approvals.one(job, after), display);
    return form(job, display, form, "/new", 0, model);
  }

  @PostMapping("/new")
  String add(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Form form = ApprovalForm.typed(ApprovalForm.blank(display), parameters);
    UUID number = Submissions.number(parameters.getOrDefault("number", ""));
    if (form.isSound() && approvals.add(job, number, form)) {
      return back(job);
    }
    if (form.isSound()) {
      form.complain(
          "document",
          "A machine keeps at most "
              + Permission.MOST
              + " documents, revisions included: remove one first.");
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return form(job, display, form, "/new", 0, model);
  }

  /** How the items of a form are understood, while they are typed. */
  @PostMapping("/understood")
  String understood(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model) {
    var unused = jobs.open(visitor, id);
    Form form = ApprovalForm.typed(ApprovalForm.blank(display), parameters);
    model.addAttribute("understood", understood(form, display));
    return "approval/form :: understood";
  }

  @GetMapping(ONE)
  String change(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID approval,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    StoredApproval stored = approvals.one(job, approval);
    return form(
        job, display, ApprovalForm.of(stored, display), "/" + approval, stored.version(), model);
  }

  @PostMapping(ONE)
  String change(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID approval,
      @RequestParam long version,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    StoredApproval stored = approvals.one(job, approval);
    Form form = ApprovalForm.typed(ApprovalForm.of(stored, display), parameters);
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return form(job, display, form, "/" + approval, version, model);
    }
    try {
      approvals.change(job, approval, version, form);
      return back(job);
    } catch (StaleEdit | OptimisticLockingFailureException e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      StoredApproval now = approvals.one(job, approval);
      model.addAttribute("differences", form.differencesFrom(ApprovalForm.of(now, display)));
      return form(job, display, form, "/" + approval, now.version(), model);
    }
  }

  @PostMapping(ONE + "/remove")
  String remove(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID approval) {
    OpenJob job = jobs.open(visitor, id);
    approvals.remove(job, approval);
    return back(job) + "?removed=" + approval;
  }

  @PostMapping(ONE + "/restore")
  String restore(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID approval) {
    OpenJob job = jobs.open(visitor, id);
    return approvals.restore(job, approval) ? back(job) : back(job) + "?full&removed=" + approval;
  }

  private static String back(OpenJob job) {
    return "redirect:/jobs/" + job.jobId() + "/permission";
  }

  private static List<Understood> understood(Form form, Display display) {
    return form.lines("items").stream()
        .limit(org.fermix.core.permission.Approval.MOST_ITEMS)
        .map(Requirement::read)
        .map(
            item ->
                new Understood(
                    item.words(),
                    RequirementWords.of(item, display),
                    RequirementWords.isUnderstood(item)))
        .toList();
  }

  /**
   * One line of a list, and what it is taken to mean.
   *
   * @param known false where it is kept in its own words
   */
  public record Understood(String words, String meaning, boolean known) {}

  private String form(
      OpenJob job, Display display, Form form, String action, long version, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.NEED, display));
    model.addAttribute("job", job);
    model.addAttribute("form", form);
    model.addAttribute("understood", understood(form, display));
    model.addAttribute("adding", action.equals("/new"));
    model.addAttribute("action", "/jobs/" + job.jobId() + "/approvals" + action);
    model.addAttribute("version", version);
    model.addAttribute("number", Submissions.number());
    return "approval/form";
  }
}
