package org.fermix.web.charger;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.UUID;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.StaleEdit;
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

/** Describes the chargers a garage owns, on the way through a need. */
@Controller
@RequestMapping("/jobs/{id}/chargers")
class ChargerController {
  private static final String ONE = "/{charger:[0-9a-f-]{36}}";

  private final Jobs jobs;
  private final Rails rails;
  private final Chargers chargers;

  ChargerController(Jobs jobs, Rails rails, Chargers chargers) {
    this.jobs = jobs;
    this.rails = rails;
    this.chargers = chargers;
  }

  @GetMapping("/new")
  String add(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    return form(job, display, ChargerForm.blank(display), "/new", 0, model);
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
    Form form = ChargerForm.typed(ChargerForm.blank(display), parameters);
    UUID number = Submissions.number(parameters.getOrDefault("number", ""));
    if (form.isSound() && chargers.add(job, number, form)) {
      return back(job);
    }
    if (form.isSound()) {
      form.complain(
          "name", "A garage keeps at most " + Chargers.MOST + " chargers: remove one first.");
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return form(job, display, form, "/new", 0, model);
  }

  @GetMapping(ONE)
  String change(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID charger,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    StoredCharger stored = chargers.one(job, charger);
    return form(
        job, display, ChargerForm.of(stored, display), "/" + charger, stored.version(), model);
  }

  @PostMapping(ONE)
  String change(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID charger,
      @RequestParam long version,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    StoredCharger stored = chargers.one(job, charger);
    Form form = ChargerForm.typed(ChargerForm.of(stored, display), parameters);
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return form(job, display, form, "/" + charger, version, model);
    }
    try {
      chargers.change(job, charger, version, form);
      return back(job);
    } catch (StaleEdit | OptimisticLockingFailureException e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      StoredCharger now = chargers.one(job, charger);
      model.addAttribute("differences", form.differencesFrom(ChargerForm.of(now, display)));
      return form(job, display, form, "/" + charger, now.version(), model);
    }
  }

  @PostMapping(ONE + "/remove")
  String remove(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable UUID charger) {
    OpenJob job = jobs.open(visitor, id);
    chargers.remove(job, charger);
    return back(job) + "?uncharged=" + charger;
  }

  @PostMapping(ONE + "/restore")
  String restore(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable UUID charger) {
    OpenJob job = jobs.open(visitor, id);
    return chargers.restore(job, charger) ? back(job) : back(job) + "?uncharged=" + charger;
  }

  private static String back(OpenJob job) {
    return "redirect:" + job.path(Stop.NEED);
  }

  private String form(
      OpenJob job, Display display, Form form, String action, long version, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.NEED, display));
    model.addAttribute("form", form);
    model.addAttribute("adding", action.equals("/new"));
    model.addAttribute("action", "/jobs/" + job.jobId() + "/chargers" + action);
    model.addAttribute("version", version);
    model.addAttribute("number", Submissions.number());
    return "charger/form";
  }
}
