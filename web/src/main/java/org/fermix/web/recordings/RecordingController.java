package org.fermix.web.recordings;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.diagnosis.ReadingLimits;
import org.fermix.core.prove.Refused;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.chart.Drawing;
import org.fermix.web.chart.Drawings;
import org.fermix.web.check.ReadingForms;
import org.fermix.web.door.HeavyWork;
import org.fermix.web.formats.CrankCsv;
import org.fermix.web.formats.CsvFault;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.FileNames;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.multipart.MultipartFile;

/** Recorded starts: a file is read, what is found is kept and drawn. */
@Controller
@RequestMapping("/jobs/{id}/check/recordings")
class RecordingController {
  private static final String FULL =
      "At most " + Recordings.MOST + " recordings are kept; remove one first.";
  private static final String OTHER = "other";

  private static final List<Field> FIELDS =
      List.of(
          Field.text("name", "Name", 60)
              .withHelp("Such as “old battery, 4 °C”, so that it can be told from the next."),
          Field.choice(
                  "battery",
                  "Battery",
                  List.of(
                      new Field.Choice("today", "the one being checked"),
                      new Field.Choice(OTHER, "another, to compare with")))
              .withHelp("Another’s recording is drawn, but does not count in the check."),
          Field.number("temperature", "Temperature then", ReadingLimits.TEMPERATURE)
              .withHelp("Of engine and battery, so that the next battery is compared fairly."));

  private static final List<String> WINDOWS = List.of("1", "3");
  private static final double WHOLE = 0;

  private final Jobs jobs;
  private final Rails rails;
  private final Recordings recordings;
  private final List<BesideRecordings> beside;
  private final Drawings drawings;
  private final HeavyWork heavy;

  RecordingController(
      Jobs jobs,
      Rails rails,
      Recordings recordings,
      List<BesideRecordings> beside,
      Drawings drawings,
      HeavyWork heavy) {
    this.jobs = jobs;
    this.rails = rails;
    this.recordings = recordings;
    this.beside = List.copyOf(beside);
    this.drawings = drawings;
    this.heavy = heavy;
  }

  @GetMapping
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String first,
      @RequestParam(required = false) @Nullable UUID removed,
      @RequestParam(required = false) @Nullable String full,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    if (removed != null && recordings.recording(job, removed).isRemoved()) {
      model.addAttribute("removed", removed);
      model.addAttribute("removedName", recordings.recording(job, removed).name());
      model.addAttribute("full", full == null ? "" : FULL);
    }
    return page(
        job,
        Form.stored(FIELDS, display, Map.of("battery", "today")),
        "",
        window(first),
        display,
        model);
  }

  @PostMapping
  String add(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      @RequestParam("file") MultipartFile file,
      Display display,
      Model model,
      HttpServletResponse response)
      throws Exception {
    OpenJob job = jobs.open(visitor, id);
    Form form = Form.typed(Form.blank(FIELDS, display), parameters);
    String fault = "";
    UUID number = Submissions.number(parameters.getOrDefault("number", ""));
    if (recordings.isKept(job, number)) {
      return "redirect:" + job.path(Stop.CHECK) + "/recordings";
    }
    if (!recordings.hasRoom(job)) {
      fault = FULL;
    } else if (file.isEmpty()) {
      fault = "Choose a CSV file with columns for time and volts, up to 40 MB.";
    } else if (form.isSound()) {
      fault = keep(job, number, name(form, file), form, file, display);
    }
    if (!fault.isEmpty() || !form.isSound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, form, fault, WHOLE, display, model);
    }
    return "redirect:" + job.path(Stop.CHECK) + "/recordings";
  }

  /** Keeps what is found; what stands in the way otherwise, in words. */
  private String keep(
      OpenJob job, UUID number, String name, Form form, MultipartFile file, Display display)
      throws Exception {
    try {
      return switch (heavy.run(() -> read(job, number, name, form, file))) {
        case DONE -> "";
        case NO_ROOM -> FULL;
        case LOG_FULL -> ReadingForms.FULL;
      };
    } catch (CsvFault fault) {
      return fault.getMessage() == null ? "" : fault.getMessage();
    } catch (Refused noStart) {
      return RefusedWords.of(noStart, display);
    }
  }

  private Recordings.Kept read(OpenJob job, UUID number, String name, Form form, MultipartFile file)
      throws IOException {
    try (InputStream stream = file.getInputStream()) {
      return recordings.keep(
          job,
          number,
          name,
          "recording",
          form.text("battery").filter(OTHER::equals).isEmpty(),
          Optional.ofNullable(form.numberOrNull("temperature")),
          CrankCsv.read(stream));
    }
  }

  private static String name(Form form, MultipartFile file) {
    return form.text("name").orElseGet(() -> FileNames.plain(file, "recording"));
  }

  @PostMapping("/{recordingId}/remove")
  String remove(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID recordingId) {
    OpenJob job = jobs.open(visitor, id);
    recordings.remove(job, recordingId);
    return "redirect:" + job.path(Stop.CHECK) + "/recordings?removed=" + recordingId;
  }

  @PostMapping("/{recordingId}/restore")
  String restore(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID recordingId) {
    OpenJob job = jobs.open(visitor, id);
    String back = "redirect:" + job.path(Stop.CHECK) + "/recordings";
    return recordings.restore(job, recordingId) ? back : back + "?full&removed=" + recordingId;
  }

  /** Seconds to draw, of those offered; anything else is the whole. */
  private static double window(String first) {
    return WINDOWS.contains(first) ? Double.parseDouble(first) : WHOLE;
  }

  private String page(
      OpenJob job, Form form, String fault, double seconds, Display display, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.CHECK, display));
    model.addAttribute("form", form);
    model.addAttribute("fault", fault);
    model.addAttribute("number", Submissions.number());
    model.addAttribute("window", seconds == WHOLE ? "" : Long.toString(Math.round(seconds)));
    model.addAttribute("heads", Waveforms.heads());
    model.addAttribute("waveforms", Waveforms.of(recordings.of(job), seconds, display));
    beside.forEach(each -> each.show(job, display, model));
    return "recordings/page";
  }

  @GetMapping("/starts.svg")
  ResponseEntity<String> drawing(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String first,
      Display display) {
    OpenJob job = jobs.open(visitor, id);
    Waveforms waveforms = Waveforms.of(recordings.of(job), window(first), display);
    if (waveforms.lines().isEmpty()) {
      throw new NotHere("drawing");
    }
    return drawings.file(
        Drawing.of(
            "recordings/waves :: drawing",
            "waves",
            waveforms,
            waveforms.width(),
            waveforms.height(),
            "Recorded starts, " + job.machineName(),
            "Volts over seconds from each start"));
  }
}
