package org.fermix.web.permission;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.permission.Permission;
import org.fermix.web.account.Visitor;
import org.fermix.web.approval.Approvals;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.lineup.SellersAnswers;
import org.fermix.web.machine.Machines;
import org.fermix.web.need.Judge;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What may be fitted, a page of the Need stop. */
@Controller
@RequestMapping("/jobs/{id}/permission")
class PermissionController {
  private final Jobs jobs;
  private final Rails rails;
  private final Needs needs;
  private final Approvals approvals;
  private final LineUp lineUp;
  private final SellersAnswers answers;
  private final Judge judge;
  private final Machines machines;
  private final Clock clock;

  PermissionController(
      Jobs jobs,
      Rails rails,
      Needs needs,
      Approvals approvals,
      LineUp lineUp,
      SellersAnswers answers,
      Judge judge,
      Machines machines,
      Clock clock) {
    this.jobs = jobs;
    this.rails = rails;
    this.needs = needs;
    this.approvals = approvals;
    this.lineUp = lineUp;
    this.answers = answers;
    this.judge = judge;
    this.machines = machines;
    this.clock = clock;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID removed,
      @RequestParam(required = false) @Nullable String full,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    model.addAttribute("removed", removed);
    model.addAttribute("full", full != null);
    return page(job, display, model);
  }

  /** Keeps what a seller or maker said about one battery. */
  @PostMapping("/answer")
  String answer(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam String letter,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Form form = AnswerForm.typed(parameters, today(), display);
    if (form.isSound() && answers.answer(job, letter, AnswerForm.line(form), AnswerForm.by(form))) {
      return back(job);
    }
    if (form.isSound()) {
      form.complain("value", "As many answers as are kept of one battery; take one back first.");
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    model.addAttribute("wrong", form);
    model.addAttribute(
        "typed",
        new Typed(
            letter,
            form.text("asks").orElse(""),
            form.text("value").orElse(""),
            form.text("on").orElse("")));
    return page(job, display, model);
  }

  /** An answer that was not kept, as it was typed. */
  public record Typed(String letter, String asks, String value, String on) {
    static final Typed NOTHING = new Typed("", "", "", "");
  }

  /** Takes an answer back. */
  @PostMapping("/unanswer")
  String unanswer(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam String letter,
      @RequestParam String asks) {
    OpenJob job = jobs.open(visitor, id);
    answers.unanswer(job, letter, asks);
    return back(job);
  }

  /** On what basis an aircraft is operated. */
  @PostMapping("/basis")
  String basis(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String basis) {
    OpenJob job = jobs.open(visitor, id);
    machines.operate(
        job.garageId(),
        job.machineId(),
        List.of(Permission.Basis.values()).stream()
            .filter(each -> each.name().equals(basis))
            .findFirst());
    return back(job);
  }

  /** The questions about one battery as a text to be sent. */
  @GetMapping(value = "/ask-{letter:[A-L]}.txt")
  ResponseEntity<String> text(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String letter,
      Display display) {
    OpenJob job = jobs.open(visitor, id);
    Questions asked =
        Questions.ofSellers(needs.of(job), forSale(job), display).stream()
            .filter(each -> each.letter().equals(letter))
            .findFirst()
            .orElseThrow(() -> new NotHere("question"));
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "plain", java.nio.charset.StandardCharsets.UTF_8))
        .body(letter(asked));
  }

  private static String letter(Questions asked) {
    StringBuilder text = new StringBuilder();
    text.append("About the battery “").append(asked.of()).append("”\n\n");
    int number = 1;
    for (String question : asked.questions()) {
      text.append(number++).append(". ").append(question).append('\n');
    }
    return text.append("\nA copy of the data sheet would answer most of it. Thank you.\n")
        .toString();
  }

  private List<Candidate> forSale(OpenJob job) {
    return lineUp.candidates(job).stream().filter(each -> !each.isToday()).toList();
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private static String back(OpenJob job) {
    return "redirect:/jobs/" + job.jobId() + "/permission";
  }

  private String page(OpenJob job, Display display, Model model) {
    Need need = needs.of(job);
    List<Candidate> candidates = lineUp.candidates(job);
    Optional<String> leader =
        candidates.isEmpty() ? Optional.empty() : judge.judge(job, need).leader();
    List<Questions> asked = Questions.ofSellers(need, forSale(job), display);
    if (!model.containsAttribute("typed")) {
      model.addAttribute("typed", Typed.NOTHING);
    }
    model.addAttribute("rail", rails.of(job, Stop.NEED, display));
    model.addAttribute("job", job);
    model.addAttribute(
        "page", PermissionPage.of(need, approvals.documents(job), candidates, leader, display));
    model.addAttribute("questions", asked);
    model.addAttribute("issuers", Questions.ofIssuers(need));
    model.addAttribute("today", today());
    model.addAttribute("asksBasis", need.engine().engineClass().traits().needsApproval());
    model.addAttribute("basis", job.basis().map(Enum::name).orElse(""));
    return "permission/page";
  }
}
