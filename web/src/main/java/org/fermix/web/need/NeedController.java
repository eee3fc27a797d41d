package org.fermix.web.need;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.UUID;
import org.fermix.web.account.Visitor;
import org.fermix.web.chart.Drawing;
import org.fermix.web.chart.Drawings;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
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

/** The Need stop. */
@Controller
@RequestMapping("/jobs/{id}/need")
class NeedController {
  private static final int DRAWN_WIDTH = 640;
  private static final int MINIMUM_HEIGHT = 66;

  private final Jobs jobs;
  private final Rails rails;
  private final Needs needs;
  private final Drawings drawings;

  NeedController(Jobs jobs, Rails rails, Needs needs, Drawings drawings) {
    this.jobs = jobs;
    this.rails = rails;
    this.needs = needs;
    this.drawings = drawings;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable String saved,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    NeedFacts facts = needs.facts(job);
    model.addAttribute("saved", saved != null);
    return page(
        job, display, NeedForm.of(job, facts, display.in(facts.currency)), facts.version(), model);
  }

  @PostMapping
  String save(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam long version,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Form form = NeedForm.typed(NeedForm.of(job, needs.facts(job), display), parameters);
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, display, form, version, model);
    }
    try {
      needs.save(job, version, form);
      return "redirect:" + job.path(Stop.NEED) + "?saved";
    } catch (StaleEdit | OptimisticLockingFailureException e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      NeedFacts now = needs.facts(job);
      model.addAttribute("differences", form.differencesFrom(NeedForm.of(job, now, display)));
      return page(job, display, form, now.version(), model);
    }
  }

  private String page(OpenJob job, Display display, Form form, long version, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.NEED, display));
    model.addAttribute("form", form);
    model.addAttribute("version", version);
    model.addAttribute("drawing", TrayDrawing.of(needs.of(job), display));
    model.addAttribute("cranks", job.engine().turns());
    model.addAttribute("minimums", MinimumRuler.of(needs.of(job), display));
    return "need/page";
  }

  @GetMapping("/tray.svg")
  ResponseEntity<String> tray(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, Display display) {
    OpenJob job = jobs.open(visitor, id);
    return TrayDrawing.of(needs.of(job), display)
        .map(
            tray ->
                drawings.file(
                    new Drawing(
                        "need/drawings :: tray",
                        "tray",
                        tray,
                        tray.viewBox(),
                        DRAWN_WIDTH,
                        DRAWN_WIDTH / 2,
                        "The largest case that goes in, " + job.machineName(),
                        tray.summary())))
        .orElseThrow(() -> new NotHere("drawing"));
  }

  @GetMapping("/minimum.svg")
  ResponseEntity<String> minimum(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, Display display) {
    OpenJob job = jobs.open(visitor, id);
    MinimumRuler minimums = MinimumRuler.of(needs.of(job), display);
    return drawings.file(
        Drawing.of(
            "need/drawings :: minimums",
            "minimums",
            minimums,
            DRAWN_WIDTH,
            MINIMUM_HEIGHT,
            "Cold cranking amps asked, " + job.machineName(),
            minimums.summary()));
  }
}
