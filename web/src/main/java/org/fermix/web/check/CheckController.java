package org.fermix.web.check;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.fermix.core.check.Suspect;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.chart.Drawing;
import org.fermix.web.chart.Drawings;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The Check stop. */
@Controller
@RequestMapping("/jobs/{id}/check")
class CheckController {
  private final Jobs jobs;
  private final Rails rails;
  private final Checks checks;
  private final ReadingLog log;
  private final Drawings drawings;

  CheckController(Jobs jobs, Rails rails, Checks checks, ReadingLog log, Drawings drawings) {
    this.jobs = jobs;
    this.rails = rails;
    this.checks = checks;
    this.log = log;
    this.drawings = drawings;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    return page(job, display, model);
  }

  private String page(OpenJob job, Display display, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.CHECK, display));
    model.addAttribute("check", CheckPage.of(checks.state(job, display), log.all(job), display));
    model.addAttribute(
        "shopTests",
        checks.state(job, display).suspect().chemistry().isLead()
            ? "Most parts shops test battery and charging free of charge."
            : "Parts shops test the charging free of charge; their battery testers are made for lead.");
    return "check/page";
  }

  /** How the likelihoods come about. */
  @GetMapping("/working")
  String working(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    model.addAttribute("rail", rails.of(job, Stop.CHECK, display));
    model.addAttribute("working", CheckWorking.of(checks.state(job, display)));
    return "check/working";
  }

  @GetMapping("/take/{slug}")
  String ask(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String slug,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    ReadingKind kind = kind(slug);
    Suspect suspect = checks.state(job, display).suspect();
    Form form =
        ReadingForms.stored(
            ReadingForms.fields(kind, suspect),
            display,
            log.of(job, kind).filter(reading -> !reading.isCannot()).map(Reading::taken));
    return reading(job, kind, suspect, form, display, model);
  }

  @PostMapping("/take/{slug}")
  String take(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String slug,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    ReadingKind kind = kind(slug);
    Suspect suspect = checks.state(job, display).suspect();
    List<Field> fields = ReadingForms.fields(kind, suspect);
    Form form = ReadingForms.typed(kind, fields, display, parameters);
    UUID number = Submissions.number(parameters.getOrDefault("number", ""));
    if (form.isSound()
        && !log.take(
            job,
            number,
            kind,
            form.text(ReadingForms.INSTRUMENT).orElse(""),
            ReadingForms.facts(form, fields))) {
      form.complain(ReadingForms.INSTRUMENT, ReadingForms.FULL);
    }
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return reading(job, kind, suspect, form, display, model);
    }
    return back(job);
  }

  /** What the path and the verdict would be with a reading as typed so far; nothing is kept. */
  @PostMapping("/try/{slug}")
  String tryOut(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String slug,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    ReadingKind kind = kind(slug);
    List<Field> fields = ReadingForms.fields(kind, checks.state(job, display).suspect());
    Form form = Form.typed(Form.blank(fields, display), parameters);
    Map<String, String> facts = ReadingForms.facts(form, fields);
    boolean judged = form.isSound() && !facts.isEmpty();
    Checks.State state =
        judged
            ? checks.stateWith(job, log.draft(job, kind, facts), display)
            : checks.state(job, display);
    model.addAttribute(
        "check",
        CheckPage.of(state, log.all(job), display)
            .drafted(
                judged
                    ? "With this reading as you type it; it is not taken down yet."
                    : "Without this reading: what is typed so far cannot be judged."));
    return "check/result :: result";
  }

  @PostMapping("/cannot/{slug}")
  String cannot(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable String slug) {
    OpenJob job = jobs.open(visitor, id);
    boolean taken =
        log.take(job, Submissions.number(), kind(slug), "", Map.of(Reading.CANNOT, "yes"));
    return taken ? back(job) : "redirect:" + job.path(Stop.CHECK) + "/take/" + slug;
  }

  @PostMapping("/withdraw/{readingId}")
  String withdraw(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID readingId) {
    OpenJob job = jobs.open(visitor, id);
    log.withdraw(job, readingId);
    return back(job);
  }

  @PostMapping("/restore/{readingId}")
  String restore(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID readingId) {
    OpenJob job = jobs.open(visitor, id);
    log.restore(job, readingId);
    return back(job);
  }

  /** Clears away for good what was withdrawn. */
  @PostMapping("/clear-withdrawn")
  String clear(@AuthenticationPrincipal Visitor visitor, @PathVariable UUID id) {
    OpenJob job = jobs.open(visitor, id);
    log.clearWithdrawn(job);
    return back(job);
  }

  private static String back(OpenJob job) {
    return "redirect:" + job.path(Stop.CHECK);
  }

  private static ReadingKind kind(String slug) {
    return CheckPage.kind(slug).orElseThrow(() -> new NotHere("reading"));
  }

  private String reading(
      OpenJob job, ReadingKind kind, Suspect suspect, Form form, Display display, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.CHECK, display));
    model.addAttribute("form", form);
    model.addAttribute("sheet", ReadingSheet.of(kind, suspect.chemistry().isLead()));
    model.addAttribute("water", suspect.needsWater());
    model.addAttribute("slug", CheckPage.slug(kind));
    model.addAttribute("number", Submissions.number());
    model.addAttribute("check", CheckPage.of(checks.state(job, display), log.all(job), display));
    return "check/reading";
  }

  @GetMapping("/path.svg")
  ResponseEntity<String> path(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, Display display) {
    OpenJob job = jobs.open(visitor, id);
    FaultPath path = FaultPath.of(checks.state(job, display));
    return drawings.file(
        Drawing.of(
            "check/path :: drawing",
            "path",
            path,
            path.width(),
            path.height(),
            "Is it the battery, " + job.machineName(),
            path.summary()));
  }
}
