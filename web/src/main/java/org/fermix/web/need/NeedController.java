package org.fermix.web.need;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.decision.Influence;
import org.fermix.core.machine.Need;
import org.fermix.web.account.Visitor;
import org.fermix.web.charger.Chargers;
import org.fermix.web.chart.Drawing;
import org.fermix.web.chart.Drawings;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.Htmx;
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

  private final Jobs jobs;
  private final Rails rails;
  private final Needs needs;
  private final Judge judge;
  private final Chargers chargers;
  private final Drawings drawings;

  NeedController(
      Jobs jobs, Rails rails, Needs needs, Judge judge, Chargers chargers, Drawings drawings) {
    this.jobs = jobs;
    this.rails = rails;
    this.needs = needs;
    this.judge = judge;
    this.chargers = chargers;
    this.drawings = drawings;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable String saved,
      @RequestParam(required = false) @Nullable UUID uncharged,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    NeedFacts facts = needs.facts(job);
    model.addAttribute("saved", saved != null);
    model.addAttribute("uncharged", uncharged);
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
    Form before = NeedForm.of(job, needs.facts(job), display);
    Form form = NeedForm.typed(before, parameters);
    NeedForm.complete(form);
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, display, form, needs.drawn(job, form, before), version, parameters, model);
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

  /** Takes back what was last saved. */
  @PostMapping("/undo")
  String undo(@AuthenticationPrincipal Visitor visitor, @PathVariable UUID id) {
    OpenJob job = jobs.open(visitor, id);
    needs.undo(job);
    return "redirect:" + job.path(Stop.NEED) + "?saved";
  }

  /** How each battery runs down, and what each thing gets; it takes longer than the page. */
  @GetMapping("/runs")
  String runs(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Htmx htmx,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Need need = needs.of(job);
    model.addAttribute("job", job);
    model.addAttribute("runs", RunDown.of(need, judge.runs(job, need), display));
    if (htmx.wantsPart()) {
      return "need/runs :: runs";
    }
    model.addAttribute("rail", rails.of(job, Stop.NEED, display));
    return "need/runs";
  }

  /** Draws what is typed without keeping it. */
  @PostMapping("/look")
  String look(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam long version,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    NeedFacts stored = needs.facts(job);
    Form before = NeedForm.of(job, stored, display.in(stored.currency));
    Form form = NeedForm.typed(before, parameters);
    NeedForm.hints(form, job, LedgerForm.loads(form), display);
    model.addAttribute("unsaved", true);
    parts(job, display, form, needs.drawn(job, form, before), version, parameters, model);
    return "need/parts :: looked";
  }

  /** What each assumption carries; it takes longer than the page. */
  @GetMapping("/rests")
  String rests(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Htmx htmx,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Need need = needs.of(job);
    List<Influence> influences = judge.influences(job, need);
    model.addAttribute("rests", Rests.of(influences, job, display));
    model.addAttribute("telling", influences.stream().anyMatch(each -> each.changes() > 0));
    model.addAttribute("leader", judge.judge(job, need).leader().orElse(""));
    if (htmx.wantsPart()) {
      return "need/parts :: rests";
    }
    model.addAttribute("rail", rails.of(job, Stop.NEED, display));
    return "need/rests";
  }

  private String page(OpenJob job, Display display, Form form, long version, Model model) {
    return page(job, display, form, needs.of(job), version, Map.of(), model);
  }

  private String page(
      OpenJob job,
      Display display,
      Form form,
      Need need,
      long version,
      Map<String, String> parameters,
      Model model) {
    model.addAttribute("rail", rails.of(job, Stop.NEED, display));
    parts(job, display, form, need, version, parameters, model);
    return "need/page";
  }

  private void parts(
      OpenJob job,
      Display display,
      Form form,
      Need need,
      long version,
      Map<String, String> parameters,
      Model model) {
    model.addAttribute("job", job);
    model.addAttribute("form", form);
    model.addAttribute("version", version);
    model.addAttribute(
        "need",
        NeedPage.of(
            need,
            LedgerForm.loads(form),
            chargers.of(job),
            judge.judge(job, need),
            Optional.ofNullable(parameters.get("laid")),
            display));
  }

  /** A drawing to take along. */
  @GetMapping("/{which:tray|cranking|reserve|climate}.svg")
  ResponseEntity<String> drawing(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String which,
      @RequestParam(required = false) @Nullable String laid,
      Display display) {
    OpenJob job = jobs.open(visitor, id);
    Need need = needs.of(job);
    NeedPage page =
        NeedPage.of(
            need,
            needs.facts(job).loads,
            chargers.of(job),
            judge.judge(job, need),
            Optional.ofNullable(laid),
            display);
    String of = ", " + job.machineName();
    return drawings.file(
        switch (which) {
          case "tray" ->
              Drawing.of(
                  "need/drawings :: space",
                  "space",
                  page.space(),
                  SpaceDrawing.WIDTH,
                  (int) Math.ceil(page.space().height()),
                  "The space" + of,
                  page.space().summary());
          case "cranking" -> scale(page.cranking(), "Cranking amps asked" + of);
          case "reserve" -> scale(page.reserve(), "Reserve capacity asked" + of);
          default ->
              Drawing.of(
                  "need/drawings :: climate",
                  "climate",
                  page.climate(),
                  DRAWN_WIDTH,
                  page.climate().height(),
                  "The year" + of,
                  page.climate().summary());
        });
  }

  private static Drawing scale(AskedScale scale, String heading) {
    return Drawing.of(
        "need/drawings :: scale",
        "asked",
        scale,
        DRAWN_WIDTH,
        scale.height(),
        heading,
        scale.summary());
  }
}
