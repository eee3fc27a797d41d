package org.fermix.web.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.label.Candidate;
import org.fermix.web.account.Visitor;
import org.fermix.web.door.HeavyWork;
import org.fermix.web.formats.CsvFault;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.lineup.LabelTable;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.lineup.PastedTable;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Download;
import org.fermix.web.shared.FileNames;
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

/** A garage’s own batteries beside the catalogue: from its line-ups and from files. */
@Controller
@RequestMapping("/jobs/{id}/catalogue")
class ImportController {
  private static final long MOST_BYTES = 8_000_000;
  private static final String NO_ROOM =
      "There is no room for so many: at most "
          + OwnEntries.MOST_OWN
          + " batteries of your own. Nothing was kept.";
  private static final String BY_HAND = "from line-ups";

  private final Jobs jobs;
  private final Rails rails;
  private final Needs needs;
  private final LineUp lineUp;
  private final OwnEntries own;
  private final Imports imports;
  private final HeavyWork heavy;

  ImportController(
      Jobs jobs,
      Rails rails,
      Needs needs,
      LineUp lineUp,
      OwnEntries own,
      Imports imports,
      HeavyWork heavy) {
    this.jobs = jobs;
    this.rails = rails;
    this.needs = needs;
    this.lineUp = lineUp;
    this.own = own;
    this.imports = imports;
    this.heavy = heavy;
  }

  @GetMapping("/own")
  String own(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable String kept,
      @RequestParam(required = false) @Nullable String noroom,
      Display display,
      Model model) {
    model.addAttribute("kept", kept != null);
    model.addAttribute("fault", noroom == null ? "" : NO_ROOM);
    return page(jobs.open(visitor, id), display, model);
  }

  /** Brings a file; nothing of it is kept yet. */
  @PostMapping("/own")
  String bring(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam("file") MultipartFile file,
      Display display,
      Model model,
      HttpServletResponse response)
      throws Exception {
    OpenJob job = jobs.open(visitor, id);
    String fault = "";
    if (file.isEmpty()) {
      fault = "Choose a CSV or JSON file of batteries, up to 8 MB.";
    } else if (file.getSize() > MOST_BYTES) {
      fault = "The file is too large: at most 8 MB and 10,000 batteries are read at once.";
    } else {
      try {
        var unused = heavy.run(() -> bring(job, file, display));
        return back(job);
      } catch (CsvFault wrong) {
        fault = String.valueOf(wrong.getMessage());
      }
    }
    model.addAttribute("fault", fault);
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page(job, display, model);
  }

  private boolean bring(OpenJob job, MultipartFile file, Display display) {
    imports.bring(
        job.garageId(),
        FileNames.plain(file, "a file"),
        file.getSize(),
        file::getInputStream,
        ask(Map.of(), display.in(needs.currency(job))));
    return true;
  }

  /** Looks at it with other columns, or keeps all of it. */
  @PostMapping("/own/columns")
  String columns(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response)
      throws Exception {
    OpenJob job = jobs.open(visitor, id);
    if (parameters.containsKey("drop")) {
      imports.drop(job.garageId());
      return back(job);
    }
    Optional<Imports.Brought> file = imports.brought(job.garageId());
    if (file.isEmpty()) {
      return back(job);
    }
    // In the currency it was looked at in, whatever another tab has chosen since.
    Imports.Ask ask = ask(parameters, display.in(file.get().verdict().currency()));
    if (!parameters.containsKey("keep")) {
      var unused = heavy.run(() -> imports.look(job.garageId(), ask));
      return page(job, display, model);
    }
    String fault = heavy.run(() -> keep(job, file.get().name(), ask));
    if (fault.isEmpty()) {
      return back(job) + "?kept";
    }
    model.addAttribute("fault", fault);
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page(job, display, model);
  }

  private String keep(OpenJob job, String name, Imports.Ask ask) {
    return switch (imports.keep(job.garageId(), name, ask)) {
      case ALL -> "";
      case UNSOUND -> "Some rows are not sound yet. Nothing was kept.";
      case NO_ROOM -> NO_ROOM;
    };
  }

  private static Imports.Ask ask(Map<String, String> parameters, Display money) {
    return new Imports.Ask(
        PastedTable.chosen(parameters), PastedTable.otherwise(parameters), money);
  }

  /** Lets go of all that came from one place. */
  @PostMapping("/own/forget")
  String forget(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam String source) {
    OpenJob job = jobs.open(visitor, id);
    own.remove(job.garageId(), source);
    return back(job);
  }

  /** Lets go of one. */
  @PostMapping("/{entry:[0-9a-f-]{36}}/remove")
  String remove(
      @AuthenticationPrincipal Visitor visitor, @PathVariable UUID id, @PathVariable UUID entry) {
    OpenJob job = jobs.open(visitor, id);
    own.remove(job.garageId(), entry);
    return "redirect:" + job.path(Stop.LINE_UP);
  }

  /** Keeps a battery of the line-up beside the catalogue, for other machines and later jobs. */
  @PostMapping("/own/keep")
  String keep(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam String letter) {
    OpenJob job = jobs.open(visitor, id);
    Optional<Candidate> chosen =
        lineUp.candidates(job).stream().filter(each -> each.letter().equals(letter)).findFirst();
    boolean kept =
        chosen.isEmpty()
            || own.add(
                job.garageId(),
                BY_HAND,
                Objects.requireNonNull(lineUp.labels(job).get(letter)),
                Imports.entry(chosen.get().label(), needs.currency(job), BY_HAND));
    return kept ? back(job) : back(job) + "?noroom";
  }

  /** All own entries to take along. */
  @GetMapping("/own.{format:csv|json}")
  ResponseEntity<String> export(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable String format) {
    OpenJob job = jobs.open(visitor, id);
    var labels = own.own(job.garageId());
    return Download.of(
        format.equals("csv") ? LabelTable.csv(labels) : LabelTable.json(labels),
        "my-batteries." + format);
  }

  private static String back(OpenJob job) {
    return "redirect:/jobs/" + job.jobId() + "/catalogue/own";
  }

  private String page(OpenJob job, Display display, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.LINE_UP, display));
    model.addAttribute("job", job);
    model.addAttribute("sources", own.sources(job.garageId()));
    model.addAttribute("targets", PastedTable.targets());
    model.addAttribute("kinds", org.fermix.core.chemistry.Chemistry.all());
    Optional<Imports.Brought> file = imports.brought(job.garageId());
    model.addAttribute("name", file.map(Imports.Brought::name).orElse(""));
    model.addAttribute("found", file.map(Imports.Brought::verdict).orElse(null));
    return "catalogue/own";
  }
}
