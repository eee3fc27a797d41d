package org.fermix.web.bench;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Influence;
import org.fermix.core.decision.Ranked;
import org.fermix.core.quantity.Figure;
import org.fermix.web.account.Visitor;
import org.fermix.web.chart.Drawing;
import org.fermix.web.chart.Drawings;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.need.Judge;
import org.fermix.web.need.Rests;
import org.fermix.web.picture.Picture;
import org.fermix.web.picture.Pictures;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Download;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.Htmx;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.NumberText;
import org.fermix.web.shared.StaleEdit;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
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

/** The Bench stop. */
@Controller
@RequestMapping("/jobs/{id}/bench")
class BenchController {
  private static final int DRAWN_WIDTH = 760;
  private static final int MOST_MEASUREMENTS = 4;

  private final Jobs jobs;
  private final Rails rails;
  private final Benches benches;
  private final Drawings drawings;
  private final Judge judge;

  BenchController(Jobs jobs, Rails rails, Benches benches, Drawings drawings, Judge judge) {
    this.judge = judge;
    this.jobs = jobs;
    this.rails = rails;
    this.benches = benches;
    this.drawings = drawings;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Htmx htmx,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    if (!results(job, parameters, htmx.wantsPart(), display, model)) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    }
    response.addHeader(HttpHeaders.VARY, "HX-Request");
    if (htmx.wantsPart()) {
      model.addAttribute("part", true);
      return "bench/parts :: results";
    }
    model.addAttribute("rail", rails.of(job, Stop.BENCH, display));
    return "bench/page";
  }

  /** Spreads the twelve points anew, and shows what comes of it. */
  @PostMapping("/points")
  String points(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam long pointsVersion,
      @RequestParam Map<String, String> parameters,
      Display display,
      Htmx htmx,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Optional<Map<Criterion, Integer>> points = PointsForm.read(parameters);
    if (points.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute(
          "pointsError",
          "Spread whole points, 0 to 12 each and 12 in all; what was spread before stands.");
    } else {
      try {
        benches.spread(job, pointsVersion, points.get());
      } catch (StaleEdit | OptimisticLockingFailureException e) {
        job.forget();
        response.setStatus(HttpStatus.CONFLICT.value());
        model.addAttribute(
            "pointsError",
            "They were spread in another tab meanwhile; those stand now. Look again.");
      }
    }
    var unused = results(job, parameters, htmx.wantsPart(), display, model);
    if (htmx.wantsPart()) {
      model.addAttribute("part", true);
      return "bench/parts :: results";
    }
    model.addAttribute("rail", rails.of(job, Stop.BENCH, display));
    return "bench/page";
  }

  /** All that the bench shows in the conditions of an address; false where they are not sound. */
  private boolean results(
      OpenJob job, Map<String, String> parameters, boolean part, Display display, Model model) {
    Display money = display.in(benches.currency(job));
    Bench bench = benches.of(job);
    Conditions own = Conditions.of(bench.need());
    Form form = ConditionsForm.read(own, parameters, display);
    Optional<Conditions> conditions = ConditionsForm.conditions(form);
    if (conditions.isPresent() && !form.drawn().equals(display.system().name())) {
      form = ConditionsForm.own(conditions.get(), display);
    }
    Benches.Shown shown = benches.shown(job, conditions.orElse(own));
    Decision decision = shown.decision();
    Recommendation recommendation = Recommendation.of(bench, decision, benches.check(job), money);
    model.addAttribute("job", job);
    model.addAttribute("form", form);
    model.addAttribute(
        "controls",
        ConditionsForm.controls(
            form,
            bench.need(),
            conditions.isPresent() ? display : ConditionsForm.written(parameters, display)));
    model.addAttribute("hours", form.view("hours"));
    model.addAttribute("stand", form.view("stand"));
    model.addAttribute("weeks", form.view("weeks"));
    model.addAttribute("sound", conditions.isPresent());
    model.addAttribute("empty", decision.answer().candidates().isEmpty());
    model.addAttribute("query", ConditionsForm.query(form));
    model.addAttribute(
        "rulers", new Rulers(decision.answer(), money, recommendation.leader()).all());
    TableView view = TableView.of(parameters, decision.answer(), benches.sources(job));
    OutcomeTable table =
        OutcomeTable.of(
            decision.answer(),
            shown.standing(),
            shown.failing(),
            view,
            money,
            recommendation.leader());
    model.addAttribute("againstChoices", view.againstChoices(decision.answer()));
    model.addAttribute("orderChoices", view.orderChoices());
    model.addAttribute("onlyDifferent", view.onlyDifferent());
    model.addAttribute("table", table);
    model.addAttribute(
        "rows",
        part
            ? CellMarkup.part(table)
            : CellMarkup.of(table, job.jobId(), ConditionsForm.query(form)));
    model.addAttribute("recommendation", recommendation);
    model.addAttribute("assumed", Assumptions.of(bench.need(), display));
    if (!decision.answer().candidates().isEmpty()) {
      picture(
          new Pictures(bench, decision.answer(), recommendation.leader(), money),
          parameters,
          model);
    }
    model.addAttribute("points", PointsForm.rows(decision.weights()));
    model.addAttribute("pointsAssumed", decision.weights().assumed());
    model.addAttribute("pointsVersion", benches.pointsVersion(job));
    return conditions.isPresent();
  }

  /** What would change the answer and how sure it is: worked out after the rest is shown. */
  @GetMapping("/sure")
  String sure(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Htmx htmx,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Display money = display.in(benches.currency(job));
    Bench bench = benches.of(job);
    Form form = ConditionsForm.read(Conditions.of(bench.need()), parameters, display);
    Conditions conditions =
        ConditionsForm.conditions(form).orElseThrow(() -> new NotHere("condition"));
    Decision decision = benches.shown(job, conditions).decision();
    model.addAttribute("job", job);
    model.addAttribute("futures", FutureBars.of(benches.futures(job, conditions), decision, money));
    model.addAttribute("stretches", Stretches.of(benches.flips(job, conditions), decision, money));
    model.addAttribute("enough", EnoughWords.of(benches.enough(job, conditions), decision, money));
    List<Influence> influences = judge.influences(job, bench.need());
    model.addAttribute(
        "measurements",
        Rests.of(influences.stream().limit(MOST_MEASUREMENTS).toList(), job, display));
    response.addHeader(HttpHeaders.VARY, "HX-Request");
    if (htmx.wantsPart()) {
      return "bench/sure :: sure";
    }
    model.addAttribute("rail", rails.of(job, Stop.BENCH, display));
    return "bench/surepage";
  }

  private static void picture(Pictures pictures, Map<String, String> parameters, Model model) {
    Picture picture = drawn(pictures, parameters);
    Picture.Reader reader = picture.reader();
    model.addAttribute("picture", picture);
    model.addAttribute("pictureKinds", pictures.available());
    model.addAttribute("tried", third(parameters) ? "third" : "first");
    model.addAttribute("at", at(parameters).isPresent() ? parameters.getOrDefault("at", "") : "");
    model.addAttribute(
        "readAt",
        reader.reads()
            ? Math.round(1000 * (reader.at() - reader.from()) / (reader.to() - reader.from()))
            : 0);
    model.addAttribute("readText", pictures.read(reader));
  }

  private static Picture drawn(Pictures pictures, Map<String, String> parameters) {
    return pictures.draw(
        pictures.chosen(parameters.getOrDefault("picture", "")), at(parameters), third(parameters));
  }

  /** Where to read, as an address says it: metric; beyond the picture’s ends it stands at them. */
  private static OptionalDouble at(Map<String, String> parameters) {
    NumberText.Result number = NumberText.read(parameters.getOrDefault("at", ""));
    return number.isNumber() && Double.isFinite(number.value())
        ? OptionalDouble.of(number.value())
        : OptionalDouble.empty();
  }

  private static boolean third(Map<String, String> parameters) {
    return parameters.getOrDefault("try", "").equals("third");
  }

  /** One picture alone, as another is chosen. */
  @GetMapping("/picture")
  String picture(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Form form = ConditionsForm.read(Conditions.of(benches.of(job).need()), parameters, display);
    model.addAttribute("job", job);
    model.addAttribute("query", ConditionsForm.query(form));
    picture(pictures(job, form, display), parameters, model);
    return "bench/picture :: picture";
  }

  private Pictures pictures(OpenJob job, Form form, Display display) {
    Bench bench = benches.of(job);
    Conditions conditions =
        ConditionsForm.conditions(form).orElseThrow(() -> new NotHere("condition"));
    Decision decision = benches.shown(job, conditions).decision();
    if (decision.answer().candidates().isEmpty()) {
      throw new NotHere("picture");
    }
    return new Pictures(
        bench,
        decision.answer(),
        decision.first().map(Ranked::letter).orElse(""),
        display.in(benches.currency(job)));
  }

  @GetMapping("/picture.{format:svg|csv}")
  ResponseEntity<String> picture(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String format,
      @RequestParam Map<String, String> parameters,
      Display display) {
    OpenJob job = jobs.open(visitor, id);
    Form form = ConditionsForm.read(Conditions.of(benches.of(job).need()), parameters, display);
    Pictures pictures = pictures(job, form, display);
    Picture picture = drawn(pictures, parameters);
    String heading =
        "Bench, " + picture.kind().word() + ", " + picture.kind().sub() + ", " + job.machineName();
    return format.equals("svg")
        ? drawings.file(
            Drawing.of(
                "bench/picture :: drawing",
                "picture",
                picture,
                DRAWN_WIDTH,
                picture.height(),
                heading,
                picture.summary()))
        : Download.of(
            pictures.csv(picture.kind(), third(parameters)),
            "bench-" + picture.kind().id() + ".csv");
  }

  @GetMapping("/working/{letter:[0A-L]}/{name}")
  String working(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String letter,
      @PathVariable String name,
      @RequestParam Map<String, String> parameters,
      Display display,
      Htmx htmx,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Outcome outcome =
        Arrays.stream(Outcome.values())
            .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(name))
            .findFirst()
            .orElseThrow(() -> new NotHere("figure"));
    Bench bench = benches.of(job);
    Conditions own = Conditions.of(bench.need());
    Form form = ConditionsForm.read(own, parameters, display);
    Conditions conditions =
        ConditionsForm.conditions(form).orElseThrow(() -> new NotHere("condition"));
    CandidateAnswer candidate =
        bench.answer(conditions).find(letter).orElseThrow(() -> new NotHere("candidate"));
    Figure figure = candidate.find(outcome).orElseThrow(() -> new NotHere("figure"));
    model.addAttribute("job", job);
    model.addAttribute("query", ConditionsForm.query(form));
    model.addAttribute("letter", letter);
    model.addAttribute("doubts", DoubtRows.of(bench.doubts(letter, outcome, conditions), job));
    model.addAttribute("batteryName", candidate.candidate().label().name());
    model.addAttribute(
        "working",
        WorkingView.of(OutcomeNames.of(outcome), figure, display.in(benches.currency(job))));
    response.addHeader(HttpHeaders.VARY, "HX-Request");
    if (htmx.wantsPart()) {
      return "bench/parts :: working";
    }
    model.addAttribute("rail", rails.of(job, Stop.BENCH, display));
    return "bench/working";
  }

  @GetMapping("/{name:[a-z-]+}.svg")
  ResponseEntity<String> ruler(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String name,
      @RequestParam Map<String, String> parameters,
      Display display) {
    OpenJob job = jobs.open(visitor, id);
    Bench bench = benches.of(job);
    Conditions conditions =
        ConditionsForm.conditions(
                ConditionsForm.read(Conditions.of(bench.need()), parameters, display))
            .orElseThrow(() -> new NotHere("condition"));
    Decision decision = Decision.of(bench, conditions, benches.weights(job));
    Display money = display.in(benches.currency(job));
    Ruler ruler =
        new Rulers(
                decision.answer(),
                money,
                Recommendation.of(bench, decision, benches.check(job), money).leader())
            .all().stream()
                .filter(each -> each.id().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotHere("drawing"));
    return drawings.file(
        Drawing.of(
            "bench/ruler :: drawing",
            "ruler",
            ruler,
            DRAWN_WIDTH,
            ruler.height(),
            ruler.title() + ", " + ruler.caption() + ", " + job.machineName(),
            ruler.summary()));
  }
}
