package org.fermix.web.fitting;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.label.Candidate;
import org.fermix.core.plan.WorkPlan;
import org.fermix.core.plan.WorkStep;
import org.fermix.web.account.Visitor;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The sixth stop: the work of fitting, step by step, ticked or skipped with a reason. */
@Controller
@RequestMapping("/jobs/{id}/fit")
class FitController {
  private static final List<Field> NOTE = List.of(Field.text("note", "Note", 300));

  private final Jobs jobs;
  private final Rails rails;
  private final Fittings fittings;
  private final List<BesideFitting> beside;

  FitController(Jobs jobs, Rails rails, Fittings fittings, List<BesideFitting> beside) {
    this.jobs = jobs;
    this.rails = rails;
    this.fittings = fittings;
    this.beside = List.copyOf(beside);
  }

  /** A part of the work with its steps. */
  public record Part(String title, List<Row> rows) {
    /** Copies the list. */
    public Part {
      rows = List.copyOf(rows);
    }
  }

  /**
   * One step as it is shown.
   *
   * @param when it was ticked; empty while it is not
   * @param at the same, ISO 8601, as a device keeps it
   * @param after the step that must be done before it; empty where none must
   */
  public record Row(
      String kind,
      int number,
      String title,
      String why,
      List<String> cautions,
      String drawing,
      String when,
      boolean skipped,
      String note,
      boolean next,
      String at,
      String after) {
    /** Copies the list. */
    public Row {
      cautions = List.copyOf(cautions);
    }

    /** True where it was done or skipped. */
    public boolean ticked() {
      return !when.isEmpty();
    }
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    return page(jobs.open(visitor, id), display, model);
  }

  private String page(OpenJob job, Display display, Model model) {
    Fittings.Work work = fittings.of(job);
    model.addAttribute("rail", rails.of(job, Stop.FIT, display));
    model.addAttribute("job", job);
    model.addAttribute("letter", work.letter());
    model.addAttribute("settled", work.settled());
    model.addAttribute("gone", work.gone());
    model.addAttribute("name", work.fitted().map(each -> each.label().name()).orElse(""));
    model.addAttribute(
        "chemistry", work.fitted().map(each -> each.label().chemistry().shortName()).orElse(""));
    model.addAttribute("left", WorkPlan.leftToOthers(work.need()));
    model.addAttribute("done", work.done());
    model.addAttribute("all", work.steps().size());
    model.addAttribute("parts", parts(work, fittings.standing(job), display));
    fittings
        .incoming(job)
        .ifPresent(each -> beside.forEach(next -> next.show(job, each, display, model)));
    return "fitting/page";
  }

  /** Since when a step stands as it does; empty where nothing was ever done with it. */
  private static String standsSince(@Nullable FitTick mark) {
    return mark == null ? "" : mark.at().toString();
  }

  private static List<Part> parts(Fittings.Work work, Map<String, FitTick> marks, Display display) {
    List<Part> parts = new ArrayList<>();
    Optional<WorkStep> next = work.next();
    int number = 0;
    for (WorkStep.Phase phase : WorkStep.Phase.values()) {
      List<Row> rows = new ArrayList<>();
      for (WorkStep step : work.steps()) {
        if (step.kind().phase() == phase) {
          number++;
          FitTick tick = work.ticks().get(step.kind().name());
          Candidate fitted = work.fitted().orElseThrow();
          rows.add(
              new Row(
                  step.kind().name(),
                  number,
                  StepWords.title(step, fitted, display),
                  StepWords.why(step.kind()),
                  StepWords.cautions(step, fitted, display),
                  StepDrawing.of(step.kind()),
                  tick == null ? "" : display.moment(tick.at()),
                  tick != null && tick.skipped,
                  tick == null ? "" : tick.note,
                  next.filter(step::equals).isPresent(),
                  standsSince(marks.get(step.kind().name())),
                  step.after().map(Enum::name).orElse("")));
        }
      }
      if (!rows.isEmpty()) {
        parts.add(new Part(StepWords.phase(phase), rows));
      }
    }
    return parts;
  }

  /** Ticks a step, skips it with a reason, or takes the tick back. */
  @PostMapping("/{kind}")
  String tick(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String kind,
      @RequestParam(defaultValue = "done") String action,
      @RequestParam(defaultValue = "") String note,
      @RequestParam(defaultValue = "") String anyway,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Fittings.Work work = fittings.of(job);
    WorkStep step = work.find(kind).orElseThrow(() -> new NotHere("step"));
    boolean skips = action.equals("skip");
    String said = note.strip();
    String fault = "";
    boolean outOfOrder = false;
    if (action.equals("undo")) {
      fittings.untick(job, kind);
      return "redirect:" + job.path(Stop.FIT) + "#" + kind;
    }
    Form form = Form.typed(Form.blank(NOTE, display), Map.of("note", said));
    if (!form.isSound()) {
      fault = form.view("note").error();
    } else if (skips && said.isEmpty()) {
      fault = "Say in a word why it is skipped.";
    } else if (!skips && anyway.isEmpty()) {
      Optional<WorkStep.Kind> missing =
          step.after().filter(before -> !work.ticks().containsKey(before.name()));
      if (missing.isPresent()) {
        fault =
            "First: “"
                + StepWords.title(
                    work.find(missing.get().name()).orElse(step),
                    work.fitted().orElseThrow(),
                    display)
                + "” is not ticked. If it is done, tick it first; or tick this all the same.";
        outOfOrder = true;
      }
    }
    if (!fault.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      model.addAttribute("faulty", kind);
      model.addAttribute("fault", fault);
      model.addAttribute("outOfOrder", outOfOrder);
      model.addAttribute("note", note);
      return page(job, display, model);
    }
    try {
      fittings.tick(job, kind, skips, said);
    } catch (DataIntegrityViolationException e) {
      // Ticked in another tab at the same moment: what stands there stands.
      job.forget();
    }
    return "redirect:" + job.path(Stop.FIT) + "#next";
  }
}
