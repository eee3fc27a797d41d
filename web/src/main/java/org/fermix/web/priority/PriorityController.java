package org.fermix.web.priority;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Weights;
import org.fermix.core.machine.Wishes;
import org.fermix.core.quantity.Table;
import org.fermix.web.account.Visitor;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.StaleEdit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
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

/** Weights, wishes and schools, a page of the Need stop. */
@Controller
@RequestMapping("/jobs/{id}/priorities")
class PriorityController {
  private static final double PERCENT = 100;

  /** What Fermix follows where its model asks nothing of the owner. */
  private static final List<Followed> FOLLOWED =
      Table.read(PriorityController.class, "schools.csv").rows().stream()
          .map(
              row ->
                  new Followed(
                      row.text("question"),
                      row.text("schools"),
                      row.text("followed"),
                      row.text("why")))
          .toList();

  private final Jobs jobs;
  private final Rails rails;
  private final Priorities priorities;
  private final PricesOf prices;
  private final ColdestMorning coldest;

  PriorityController(
      Jobs jobs, Rails rails, Priorities priorities, PricesOf prices, ColdestMorning coldest) {
    this.prices = prices;
    this.coldest = coldest;
    this.jobs = jobs;
    this.rails = rails;
    this.priorities = priorities;
  }

  /** A question on which practice divides, and what is followed here. */
  public record Followed(String question, String schools, String followed, String why) {}

  /** One criterion’s field. */
  public record Weighed(String field, String name, String why) {}

  /** One wish’s field. */
  public record Wished(String field, String name) {}

  /** One question’s fields, with why each school is followed. */
  public record Asked(String job, String garage, String question, String why) {}

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable String saved,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    model.addAttribute("saved", saved != null);
    StoredPriorities said = priorities.said(job);
    return page(job, display, form(job, said, display), said.version(), model);
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
    Form form = PriorityForm.typed(form(job, priorities.said(job), display), parameters);
    PriorityForm.complete(form);
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, display, form, version, model);
    }
    try {
      priorities.save(job, version, form);
      return "redirect:/jobs/" + job.jobId() + "/priorities?saved";
    } catch (StaleEdit | OptimisticLockingFailureException | DataIntegrityViolationException e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      job.forget();
      StoredPriorities now = priorities.said(job);
      model.addAttribute("differences", form.differencesFrom(form(job, now, display)));
      return page(job, display, form, now.version(), model);
    }
  }

  /** The twelve points as they are typed, drawn without being kept. */
  @PostMapping("/look")
  String look(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Form form = PriorityForm.typed(form(job, priorities.said(job), display), parameters);
    drawn(form, start(job), model);
    return "priority/page :: points";
  }

  private Weights start(OpenJob job) {
    return Weights.start(
        priorities.schools(job).first(),
        coldest.coldestMorningC(job),
        job.engineByClass().engineClass());
  }

  private Form form(OpenJob job, StoredPriorities said, Display display) {
    return PriorityForm.of(
        said, priorities.garage(job.garageId()), start(job), display.in(prices.currency(job)));
  }

  private static void drawn(Form form, Weights start, Model model) {
    Map<Criterion, Integer> points = PriorityForm.points(form, start);
    int sum = points.values().stream().mapToInt(Integer::intValue).sum();
    Markup out = new Markup();
    double at = 0;
    int named = 0;
    int whole = Math.max(Weights.SPREAD, sum);
    for (Criterion each : Criterion.values()) {
      int mine = points.getOrDefault(each, 0);
      for (int i = 0; i < mine; i++) {
        out.mark(
            "rect",
            "x",
            Scale.percent(PERCENT * at / whole),
            "width",
            Scale.percent(PERCENT / whole),
            "y",
            "1",
            "height",
            "24",
            "class",
            at < Weights.SPREAD ? "point" : "point point-over");
        if (i == 0) {
          out.line(
              "text",
              PriorityWords.of(each),
              "x",
              Scale.percent(PERCENT * at / whole),
              "y",
              named % 2 == 0 ? "41" : "55",
              "class",
              "point-name");
          out.mark(
              "line",
              "x1",
              Scale.percent(PERCENT * at / whole),
              "x2",
              Scale.percent(PERCENT * at / whole),
              "y1",
              "0",
              "y2",
              "30",
              "class",
              "point-edge");
        }
        at++;
      }
      named += mine > 0 ? 1 : 0;
    }
    model.addAttribute("drawn", out.toString());
    model.addAttribute("sum", sum);
    model.addAttribute("spread", Weights.SPREAD);
  }

  private String page(OpenJob job, Display display, Form form, long version, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.NEED, display));
    model.addAttribute("job", job);
    model.addAttribute("form", form);
    model.addAttribute("version", version);
    model.addAttribute("weighed", weighed());
    model.addAttribute(
        "wished",
        List.of(Wishes.Wish.values()).stream()
            .map(each -> new Wished("wish" + each, PriorityWords.of(each)))
            .toList());
    model.addAttribute("asked", asked());
    model.addAttribute(
        "followed",
        FOLLOWED.stream()
            .map(
                each ->
                    new Followed(
                        each.question(),
                        display.words(each.schools()),
                        display.words(each.followed()),
                        display.words(each.why())))
            .toList());
    drawn(form, start(job), model);
    return "priority/page";
  }

  private static List<Weighed> weighed() {
    List<Weighed> all = new ArrayList<>();
    for (Criterion each : Criterion.values()) {
      all.add(
          new Weighed(
              "points" + each,
              PriorityWords.of(each),
              switch (each) {
                case COLD -> "starts on the coldest morning you want to make";
                case PARKED -> "still starts after the longest lay-up";
                case ENGINE_OFF -> "runs what you run, and starts after it";
                case MASS -> "is light";
                case MONEY -> "costs little a year, replacements included";
                case EASE -> "meets what you wish below";
              }));
    }
    return all;
  }

  private static List<Asked> asked() {
    return List.of(SchoolQuestion.values()).stream()
        .map(
            each ->
                new Asked(
                    "job" + each,
                    "garage" + each,
                    each.asks(),
                    each.answers().stream()
                        .map(answer -> answer.words() + ": " + answer.why())
                        .collect(java.util.stream.Collectors.joining("; "))))
        .toList();
  }
}
