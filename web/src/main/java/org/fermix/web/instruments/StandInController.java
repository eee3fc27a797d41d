package org.fermix.web.instruments;

import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.fermix.core.prove.TestAction;
import org.fermix.core.quantity.Unit;
import org.fermix.standins.HiddenBattery;
import org.fermix.web.account.Visitor;
import org.fermix.web.check.ReadingForms;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The stand-in tester and logger. */
@Controller
@RequestMapping("/jobs/{id}/check/stand-in")
class StandInController {
  private static final List<Field> FIELDS =
      List.of(
          Field.number("share", "Cranking amps left of its rating", Unit.PER_CENT, 25, 130)
              .withHelp("Left empty, it is drawn and hidden from you."),
          Field.number("charge", "Charge it is found at", Unit.PER_CENT, 1, 100)
              .withHelp("Left empty, drawn."),
          Field.number("temperature", "Temperature", Unit.CELSIUS, -30, 50)
              .withHelp("Left empty, drawn from 2 to 26 °C."),
          Field.choice(
                  "surface",
                  "Surface charge",
                  List.of(
                      new Field.Choice("yes", "just off the charger"),
                      new Field.Choice("no", "rested")))
              .withHelp("Left open, drawn."),
          Field.number("noise", "Noise of the instrument", Unit.VOLT, 0, 0.2)
              .withHelp("Standard deviation; 0.01 V where left empty."));

  private final Jobs jobs;
  private final Rails rails;
  private final StandIns standIns;

  StandInController(Jobs jobs, Rails rails, StandIns standIns) {
    this.jobs = jobs;
    this.rails = rails;
    this.standIns = standIns;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "false") boolean reveal,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    return page(job, Form.blank(FIELDS, display), "", reveal, display, model);
  }

  @PostMapping("/set-up")
  String setUp(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Form form = Form.typed(Form.blank(FIELDS, display), parameters);
    if (!form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, form, "", false, display, model);
    }
    Map<HiddenBattery.Setting, Double> settings = new EnumMap<>(HiddenBattery.Setting.class);
    form.number("share").ifPresent(value -> settings.put(HiddenBattery.Setting.SHARE, value / 100));
    form.number("charge")
        .ifPresent(value -> settings.put(HiddenBattery.Setting.CHARGE, value / 100));
    form.number("temperature")
        .ifPresent(value -> settings.put(HiddenBattery.Setting.TEMPERATURE, value));
    form.number("noise").ifPresent(value -> settings.put(HiddenBattery.Setting.NOISE, value));
    form.text("surface")
        .ifPresent(
            value -> settings.put(HiddenBattery.Setting.SURFACE, value.equals("yes") ? 1.0 : 0.0));
    standIns.setUp(job, settings);
    return back(job);
  }

  @PostMapping("/act/{slug}")
  String act(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String slug,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    TestAction action = TestAction.find(slug).orElseThrow(() -> new NotHere("action"));
    String fault = standIns.act(job, action);
    if (!fault.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, Form.blank(FIELDS, display), fault, false, display, model);
    }
    return action == TestAction.RECORD
        ? "redirect:" + job.path(Stop.CHECK) + "/recordings"
        : back(job);
  }

  @PostMapping("/take")
  String take(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    if (!standIns.takeDown(job)) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, Form.blank(FIELDS, display), ReadingForms.FULL, false, display, model);
    }
    return "redirect:" + job.path(Stop.CHECK);
  }

  private static String back(OpenJob job) {
    return "redirect:" + job.path(Stop.CHECK) + "/stand-in";
  }

  private String page(
      OpenJob job, Form form, String fault, boolean reveal, Display display, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.CHECK, display));
    model.addAttribute("form", form);
    model.addAttribute("fault", fault);
    model.addAttribute("battery", standIns.labelled(job).name());
    model.addAttribute("page", StandInPage.of(standIns.hidden(job), reveal, display));
    return "instruments/page";
  }
}
