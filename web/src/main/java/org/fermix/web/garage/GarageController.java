package org.fermix.web.garage;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.fermix.web.account.Visitor;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The garage, its machines, and the way into a job. */
@Controller
class GarageController {
  private final Garage garage;
  private final Rails rails;

  GarageController(Garage garage, Rails rails) {
    this.garage = garage;
    this.rails = rails;
  }

  @GetMapping("/garage")
  String garage(@AuthenticationPrincipal Visitor visitor, Display display, Model model) {
    List<Rails.Rail> rows =
        garage.newestJobs(visitor).stream().map(job -> rails.of(job, Stop.CHECK, display)).toList();
    model.addAttribute("rows", rows);
    model.addAttribute("demo", visitor.demo());
    model.addAttribute("zone", display.zone().getId().replace('_', ' '));
    return "garage/page";
  }

  @GetMapping("/machines/new")
  String add(@AuthenticationPrincipal Visitor visitor, Display display, Model model) {
    return form(model, MachineForm.blank(display), "/machines/new", 0, garage.hasRoom(visitor));
  }

  @PostMapping("/machines/new")
  String add(
      @AuthenticationPrincipal Visitor visitor,
      Display display,
      @RequestParam Map<String, String> parameters,
      Model model,
      HttpServletResponse response) {
    Form form = Form.typed(MachineForm.blank(display), parameters);
    if (!form.isSound() || !garage.hasRoom(visitor)) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return form(model, form, "/machines/new", 0, garage.hasRoom(visitor));
    }
    UUID jobId = garage.add(visitor.garageId(), MachineForm.read(form));
    return "redirect:/jobs/" + jobId + "/need";
  }

  @GetMapping("/machines/{id}")
  String change(
      @AuthenticationPrincipal Visitor visitor,
      Display display,
      @PathVariable UUID id,
      Model model) {
    Machine machine = garage.machine(visitor, id);
    return form(
        model, MachineForm.of(machine, display), "/machines/" + id, machine.version(), true);
  }

  @PostMapping("/machines/{id}")
  String change(
      @AuthenticationPrincipal Visitor visitor,
      Display display,
      @PathVariable UUID id,
      @RequestParam long version,
      @RequestParam Map<String, String> parameters,
      Model model,
      HttpServletResponse response) {
    Machine stored = garage.machine(visitor, id);
    Form before = MachineForm.of(stored, display);
    Form form = Form.typed(before, parameters);
    if (form.isSound()) {
      try {
        garage.change(visitor, id, version, MachineForm.read(form));
        return "redirect:/garage";
      } catch (StaleEdit | OptimisticLockingFailureException e) {
        Machine now = garage.machine(visitor, id);
        response.setStatus(HttpStatus.CONFLICT.value());
        model.addAttribute("differences", form.differencesFrom(MachineForm.of(now, display)));
        return form(model, form, "/machines/" + id, now.version(), true);
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return form(model, form, "/machines/" + id, version, true);
  }

  @GetMapping("/jobs/{id}")
  String job(@AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, Display display) {
    OpenJob job = garage.open(visitor, id);
    return "redirect:"
        + rails
            .of(job, Stop.CHECK, display)
            .next()
            .map(Rails.RailStop::path)
            .orElse(job.path(Stop.DECIDE));
  }

  @GetMapping("/jobs/{id}/{slug:fit|keep}")
  String planned(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String slug,
      Display display,
      Model model) {
    Stop stop = Stop.find(slug).orElseThrow(() -> new NotHere("stop"));
    model.addAttribute("rail", rails.of(garage.open(visitor, id), stop, display));
    model.addAttribute("stop", stop);
    return "garage/planned";
  }

  private static String form(Model model, Form form, String action, long version, boolean room) {
    model.addAttribute("form", form);
    model.addAttribute("action", action);
    model.addAttribute("version", version);
    model.addAttribute("room", room);
    return "garage/machine";
  }
}
