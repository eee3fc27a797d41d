package org.fermix.web.check;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.HashMap;
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
  private static final String INSTRUMENT = "instrument";
  private static final String WATER = "water";

  /** Fields that tell nothing without each other. */
  private static final Map<ReadingKind, List<List<String>>> TOGETHER =
      Map.of(
          ReadingKind.AFTER_TRY,
          List.of(
              List.of("seconds1", "lowest1"),
              List.of("seconds2", "lowest2"),
              List.of("seconds3", "lowest3")),
          ReadingKind.REST_VOLTS,
          List.of(List.of("each1", "each2")),
          ReadingKind.LOAD_TEST,
          List.of(List.of("before", "after")));

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
    Map<String, Object> stored = new HashMap<>();
    List<Field> fields = fields(kind, suspect);
    log.of(job, kind)
        .filter(reading -> !reading.isCannot())
        .ifPresent(
            reading -> {
              stored.put(INSTRUMENT, reading.instrument());
              for (Field field : fields) {
                if (field.kind() == Field.Kind.NUMBER) {
                  reading.facts().number(field.name()).ifPresent(v -> stored.put(field.name(), v));
                } else {
                  reading.facts().text(field.name()).ifPresent(v -> stored.put(field.name(), v));
                }
              }
            });
    return reading(job, kind, suspect, Form.stored(fields, display, stored), display, model);
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
    List<Field> fields = fields(kind, suspect);
    Form form = Form.typed(Form.blank(fields, display), parameters);
    if (kind == ReadingKind.CABLE_DROP
        && fields.stream()
            .filter(field -> field.kind() == Field.Kind.NUMBER)
            .allMatch(field -> form.numberOrNull(field.name()) == null)) {
      form.complain("positive", "Measure at least one of these, 0 to 30 V.");
    }
    TOGETHER.getOrDefault(kind, List.of()).forEach(pair -> together(form, pair));
    if (form.text(WATER).filter("no"::equals).isPresent()) {
      form.complain(
          WATER, "Connect its water supply or put it afloat first: run dry, the pump is ruined.");
    }
    UUID number = Submissions.number(parameters.getOrDefault("number", ""));
    if (form.isSound()
        && !log.take(job, number, kind, form.text(INSTRUMENT).orElse(""), facts(form, fields))) {
      form.complain(
          INSTRUMENT,
          "The log of this battery is full: "
              + ReadingLog.MOST
              + " entries. On the page of the check, under “Withdrawn”, clear those that no longer"
              + " count, then take this one down.");
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
    List<Field> fields = fields(kind, checks.state(job, display).suspect());
    Form form = Form.typed(Form.blank(fields, display), parameters);
    Map<String, String> facts = facts(form, fields);
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

  /** One of two that tell nothing alone is complained of, and kept as typed. */
  private static void together(Form form, List<String> pair) {
    boolean first = form.numberOrNull(pair.get(0)) != null;
    boolean second = form.numberOrNull(pair.get(1)) != null;
    if (first != second) {
      form.complain(pair.get(first ? 1 : 0), "Fill this as well, or leave both empty.");
    }
  }

  private static List<Field> fields(ReadingKind kind, Suspect suspect) {
    ReadingSheet sheet = ReadingSheet.of(kind, suspect.chemistry().isLead());
    List<Field> fields = new ArrayList<>();
    if (sheet.turnsEngine() && suspect.needsWater()) {
      fields.add(
          Field.choice(
                  WATER,
                  "Water supply",
                  List.of(
                      new Field.Choice("yes", "connected, or it is afloat"),
                      new Field.Choice("no", "not connected")))
              .withHelp("Without water the pump runs dry within seconds. Confirm before you crank.")
              .needed());
    }
    fields.addAll(sheet.fields());
    if (kind == ReadingKind.REST_VOLTS && suspect.series() > 1) {
      fields.addAll(MoreReadings.ofEach());
    }
    fields.add(
        Field.text(INSTRUMENT, "Instrument", 60)
            .withHelp("So that old and new are compared on the same one."));
    return fields;
  }

  private static Map<String, String> facts(Form form, List<Field> fields) {
    Map<String, String> facts = new HashMap<>();
    for (Field field : fields) {
      if (field.name().equals(INSTRUMENT)) {
        continue;
      }
      if (field.kind() == Field.Kind.NUMBER) {
        form.number(field.name())
            .ifPresent(value -> facts.put(field.name(), Double.toString(value)));
      } else {
        form.text(field.name()).ifPresent(value -> facts.put(field.name(), value));
      }
    }
    return facts;
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
