package org.fermix.web.enginefit;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.fermix.core.label.Candidate;
import org.fermix.core.prove.Refused;
import org.fermix.core.quantity.Unit;
import org.fermix.web.account.Visitor;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.machine.Machines;
import org.fermix.web.recordings.Recording;
import org.fermix.web.recordings.Recordings;
import org.fermix.web.recordings.RefusedWords;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Fitting a machine's own engine, and the switch that lets it count. */
@Controller
@RequestMapping("/jobs/{id}/check")
class EngineFitController {
  private final Jobs jobs;
  private final Machines machines;
  private final Rails rails;
  private final Recordings recordings;
  private final EngineFits fits;

  EngineFitController(
      Jobs jobs, Machines machines, Rails rails, Recordings recordings, EngineFits fits) {
    this.jobs = jobs;
    this.machines = machines;
    this.rails = rails;
    this.recordings = recordings;
    this.fits = fits;
  }

  @GetMapping("/recordings/{recordingId}/engine")
  String ask(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID recordingId,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Recording recording = recordings.recording(job, recordingId);
    List<Candidate> batteries = fits.batteries(job);
    Form form =
        Form.stored(
            fields(batteries),
            display,
            batteries.isEmpty() ? Map.of() : Map.of("battery", batteries.get(0).letter()));
    return page(job, recording, batteries, form, "", display, model);
  }

  @PostMapping("/recordings/{recordingId}/engine")
  String fit(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID recordingId,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    Recording recording = recordings.recording(job, recordingId);
    List<Candidate> batteries = fits.batteries(job);
    Form form = Form.typed(Form.blank(fields(batteries), display), parameters);
    String fault = form.isSound() ? fit(job, recording, batteries, form, display) : "";
    if (!form.isSound() || !fault.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, recording, batteries, form, fault, display, model);
    }
    return back(job);
  }

  /** Fits; what stands in the way otherwise, in words. */
  private String fit(
      OpenJob job, Recording recording, List<Candidate> batteries, Form form, Display display) {
    Candidate battery =
        batteries.stream()
            .filter(each -> form.text("battery").filter(each.letter()::equals).isPresent())
            .findFirst()
            .orElseThrow();
    OptionalDouble percent = form.number("charge");
    try {
      fits.fit(
          job,
          recording,
          new EngineFits.Setting(
              battery,
              form.number("temperature").orElseThrow(),
              percent.isPresent()
                  ? OptionalDouble.of(percent.getAsDouble() / 100)
                  : OptionalDouble.empty()));
      return "";
    } catch (Refused doesNotFit) {
      return RefusedWords.of(doesNotFit, display);
    }
  }

  @PostMapping("/engine/{use:on|off}")
  String use(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable String use) {
    OpenJob job = jobs.open(visitor, id);
    machines.useFit(job.garageId(), job.machineId(), use.equals("on"));
    return back(job);
  }

  @PostMapping("/engine/forget")
  String forget(@AuthenticationPrincipal Visitor visitor, @PathVariable UUID id) {
    OpenJob job = jobs.open(visitor, id);
    machines.dropFit(job.garageId(), job.machineId());
    return back(job);
  }

  private static String back(OpenJob job) {
    return "redirect:" + job.path(Stop.CHECK) + "/recordings#engine";
  }

  private static List<Field> fields(List<Candidate> batteries) {
    return List.of(
        Field.choice(
                "battery",
                "Battery it was recorded with",
                batteries.stream()
                    .map(
                        each ->
                            new Field.Choice(
                                each.letter(), each.letter() + ", " + each.label().name()))
                    .toList())
            .withHelp("As it is described in the line-up.")
            .needed(),
        Field.number("temperature", "Temperature of engine and battery", Unit.CELSIUS, -40, 60)
            .withHelp("Both soaked: after a night outside, the air’s temperature.")
            .needed(),
        Field.number("charge", "Charge of the battery", Unit.PER_CENT, 5, 100)
            .withHelp("Left empty, it is taken from the voltage before the key."));
  }

  private String page(
      OpenJob job,
      Recording recording,
      List<Candidate> batteries,
      Form form,
      String fault,
      Display display,
      Model model) {
    model.addAttribute("rail", rails.of(job, Stop.CHECK, display));
    model.addAttribute("form", form);
    model.addAttribute("fault", fault);
    model.addAttribute("recording", recording.name());
    model.addAttribute(
        "action", job.path(Stop.CHECK) + "/recordings/" + recording.id() + "/engine");
    model.addAttribute("hasBattery", !batteries.isEmpty());
    model.addAttribute("hasBeat", recording.found().ripple().isPresent());
    return "enginefit/page";
  }
}
