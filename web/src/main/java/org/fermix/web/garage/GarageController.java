package org.fermix.web.garage;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.job.Job;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.machine.Machine;
import org.fermix.web.machine.Machines;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.FaultLog;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
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
  private static final String NUMBER = "number";

  private final Garage garage;
  private final Machines machines;
  private final Jobs jobs;
  private final Rails rails;

  GarageController(Garage garage, Machines machines, Jobs jobs, Rails rails) {
    this.garage = garage;
    this.machines = machines;
    this.jobs = jobs;
    this.rails = rails;
  }

  @GetMapping("/garage")
  String garage(
      @AuthenticationPrincipal Visitor visitor,
      @RequestParam(required = false) @Nullable UUID removed,
      @RequestParam(required = false) @Nullable String full,
      Display display,
      Model model) {
    List<Row> rows = jobs.current(visitor).stream().map(job -> row(job, display)).toList();
    model.addAttribute("rows", rows);
    model.addAttribute("demo", visitor.demo());
    if (removed != null && machines.machine(visitor, removed).isRemoved()) {
      model.addAttribute("removed", removed);
      model.addAttribute("removedName", machines.machine(visitor, removed).name());
      model.addAttribute("full", full != null);
    }
    model.addAttribute("zone", display.zone().getId().replace('_', ' '));
    return "garage/page";
  }

  /**
   * A machine with its open job.
   *
   * @param broken reference of the fault where the job cannot be worked out; empty otherwise
   */
  public record Row(OpenJob job, String engine, List<Rails.RailStop> stops, String broken) {
    /** Copies the list. */
    public Row {
      stops = List.copyOf(stops);
    }

    /** The first stop that works and wants something of the owner. */
    public Optional<Rails.RailStop> next() {
      return new Rails.Rail(job, engine, stops).next();
    }
  }

  /** One job that cannot be worked out never takes the garage with it. */
  private Row row(OpenJob job, Display display) {
    try {
      Rails.Rail rail = rails.of(job, Stop.CHECK, display);
      return new Row(job, rail.engine(), rail.stops(), "");
    } catch (DataAccessException e) {
      throw e;
    } catch (RuntimeException e) {
      return new Row(job, job.description(), List.of(), FaultLog.reference(e, "/garage"));
    }
  }

  @GetMapping("/machines/new")
  String add(@AuthenticationPrincipal Visitor visitor, Display display, Model model) {
    return form(model, MachineForm.blank(display), "/machines/new", 0, machines.hasRoom(visitor));
  }

  @PostMapping("/machines/new")
  String add(
      @AuthenticationPrincipal Visitor visitor,
      Display display,
      @RequestParam Map<String, String> parameters,
      Model model,
      HttpServletResponse response) {
    Form form = Form.typed(MachineForm.blank(display), parameters);
    UUID number = Submissions.number(parameters.getOrDefault(NUMBER, ""));
    boolean room = true;
    if (form.isSound()) {
      Optional<UUID> job = garage.add(visitor.garageId(), number, MachineForm.read(form));
      if (job.isPresent()) {
        return "redirect:/jobs/" + job.get() + "/need";
      }
      room = false;
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return form(model, form, "/machines/new", 0, room);
  }

  @GetMapping("/machines/{id}")
  String change(
      @AuthenticationPrincipal Visitor visitor,
      Display display,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable String closed,
      @RequestParam(required = false) @Nullable String full,
      @RequestParam(required = false) @Nullable UUID removed,
      Model model) {
    Machine machine = machines.machine(visitor, id);
    if (machine.isRemoved()) {
      throw new NotHere("machine");
    }
    model.addAttribute("closed", closed != null);
    model.addAttribute("fullOfJobs", full != null);
    model.addAttribute("removedJob", removed);
    addJobs(visitor, id, display, model);
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
    Machine stored = machines.machine(visitor, id);
    Form before = MachineForm.of(stored, display);
    Form form = Form.typed(before, parameters);
    if (form.isSound()) {
      try {
        machines.change(visitor, id, version, MachineForm.read(form));
        return "redirect:/garage";
      } catch (StaleEdit | OptimisticLockingFailureException e) {
        Machine now = machines.machine(visitor, id);
        response.setStatus(HttpStatus.CONFLICT.value());
        model.addAttribute("differences", form.differencesFrom(MachineForm.of(now, display)));
        addJobs(visitor, id, display, model);
        return form(model, form, "/machines/" + id, now.version(), true);
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    addJobs(visitor, id, display, model);
    return form(model, form, "/machines/" + id, version, true);
  }

  @PostMapping("/machines/{id}/{what:remove|restore}")
  String remove(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable String what) {
    if (what.equals("remove")) {
      machines.remove(visitor, id);
      return "redirect:/garage?removed=" + id;
    }
    return machines.restore(visitor, id)
        ? "redirect:/garage"
        : "redirect:/garage?full&removed=" + id;
  }

  @PostMapping("/machines/{id}/jobs")
  String another(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(name = NUMBER, defaultValue = "") String number) {
    return jobs.another(visitor, id, Submissions.number(number))
        .map(job -> "redirect:/jobs/" + job)
        .orElse("redirect:/machines/" + id + "?full");
  }

  @PostMapping("/jobs/{id}/become/{state:OPEN|CLOSED|ARCHIVED}")
  String become(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable Job.State state) {
    return "redirect:/machines/" + jobs.become(visitor, id, state);
  }

  @PostMapping("/jobs/{id}/{what:remove|restore}")
  String removeJob(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable String what) {
    boolean back = what.equals("restore");
    UUID machine = back ? jobs.restore(visitor, id) : jobs.remove(visitor, id);
    // Still removed after it was taken back: there are as many as are kept.
    return "redirect:/machines/"
        + machine
        + (jobs.isRemoved(visitor, id) ? (back ? "?full&" : "?") + "removed=" + id : "");
  }

  /** A line of a machine's jobs. */
  record JobLine(UUID id, String opened, String state, boolean open, boolean archived) {}

  private void addJobs(Visitor visitor, UUID machineId, Display display, Model model) {
    model.addAttribute("machineId", machineId);
    model.addAttribute(
        "jobs",
        jobs.of(visitor, machineId).stream()
            .map(
                job ->
                    new JobLine(
                        job.id(),
                        display.moment(job.openedAt()),
                        switch (job.state()) {
                          case OPEN -> "open";
                          case CLOSED -> "closed " + job.closedAt().map(display::moment).orElse("");
                          case ARCHIVED -> "archived";
                        },
                        job.state() == Job.State.OPEN,
                        job.state() == Job.State.ARCHIVED))
            .toList());
  }

  @GetMapping("/jobs/{id}")
  String job(@AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, Display display) {
    OpenJob job = jobs.open(visitor, id);
    return "redirect:"
        + rails
            .of(job, Stop.CHECK, display)
            .next()
            .map(Rails.RailStop::path)
            .orElse(job.path(Stop.DECIDE));
  }

  @GetMapping("/jobs/{id}/{slug:keep}")
  String planned(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String slug,
      Display display,
      Model model) {
    Stop stop = Stop.find(slug).orElseThrow(() -> new NotHere("stop"));
    model.addAttribute("rail", rails.of(jobs.open(visitor, id), stop, display));
    model.addAttribute("stop", stop);
    return "garage/planned";
  }

  private static String form(Model model, Form form, String action, long version, boolean room) {
    model.addAttribute("form", form);
    model.addAttribute("action", action);
    model.addAttribute("version", version);
    model.addAttribute("room", room);
    model.addAttribute("number", Submissions.number());
    return "garage/machine";
  }
}
