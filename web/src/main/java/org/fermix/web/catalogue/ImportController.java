package org.fermix.web.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.account.Visitor;
import org.fermix.web.door.HeavyWork;
import org.fermix.web.formats.CsvFault;
import org.fermix.web.formats.PastedCells;
import org.fermix.web.formats.TableText;
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
  private static final int SHOWN = 12;
  private static final int WRONG = 40;
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
      Display display,
      Model model)
      throws Exception {
    model.addAttribute("kept", kept != null);
    return page(jobs.open(visitor, id), Map.of(), display, model);
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
        heavy.run(() -> bring(job, file));
        return back(job);
      } catch (CsvFault wrong) {
        fault = String.valueOf(wrong.getMessage());
      }
    }
    model.addAttribute("fault", fault);
    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    return page(job, Map.of(), display, model);
  }

  private boolean bring(OpenJob job, MultipartFile file) throws IOException {
    String text = TableText.decoded(file.getBytes());
    TableText.read(text, PastedCells.Most.FILE);
    imports.bring(job.garageId(), FileNames.plain(file, "a file"), text);
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
    if (file.isPresent() && parameters.containsKey("keep")) {
      String fault = heavy.run(() -> keep(job, file.get(), parameters, display));
      if (fault.isEmpty()) {
        return back(job) + "?kept";
      }
      model.addAttribute("fault", fault);
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    }
    return page(job, parameters, display, model);
  }

  private String keep(
      OpenJob job, Imports.Brought file, Map<String, String> parameters, Display display) {
    PastedTable table;
    try {
      table = read(job, file, parameters, display);
    } catch (CsvFault wrong) {
      return String.valueOf(wrong.getMessage());
    }
    if (!table.isSound()) {
      return "Some rows are not sound yet. Nothing was kept.";
    }
    return imports.keep(job.garageId(), file, table, needs.currency(job))
        ? ""
        : "There is no room for so many: at most "
            + OwnEntries.MOST_OWN
            + " batteries of one’s own. Nothing was kept.";
  }

  private PastedTable read(
      OpenJob job, Imports.Brought file, Map<String, String> parameters, Display display) {
    return Imports.read(
        file,
        PastedTable.chosen(parameters),
        PastedTable.otherwise(parameters),
        display.in(needs.currency(job)));
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
    lineUp.candidates(job).stream()
        .filter(each -> each.letter().equals(letter))
        .findFirst()
        .ifPresent(
            each ->
                own.add(
                    job.garageId(),
                    BY_HAND,
                    List.of(java.util.Objects.requireNonNull(lineUp.labels(job).get(letter))),
                    List.of(Imports.entry(each.label(), needs.currency(job), BY_HAND))));
    return back(job);
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

  private String page(OpenJob job, Map<String, String> parameters, Display display, Model model)
      throws Exception {
    Optional<Imports.Brought> file = imports.brought(job.garageId());
    model.addAttribute("rail", rails.of(job, Stop.LINE_UP, display));
    model.addAttribute("job", job);
    model.addAttribute("sources", own.sources(job.garageId()));
    model.addAttribute("targets", PastedTable.targets());
    model.addAttribute("chemistry", parameters.getOrDefault("otherwise-chemistry", ""));
    model.addAttribute("side", parameters.getOrDefault("otherwise-side", ""));
    model.addAttribute("kinds", org.fermix.core.chemistry.Chemistry.all());
    model.addAttribute("name", file.map(Imports.Brought::name).orElse(""));
    if (file.isPresent()) {
      // Ten thousand rows take room: only so many are looked at at once.
      heavy.run(() -> looked(job, file.get(), parameters, display, model));
    }
    return "catalogue/own";
  }

  private boolean looked(
      OpenJob job,
      Imports.Brought file,
      Map<String, String> parameters,
      Display display,
      Model model) {
    try {
      PastedTable table = read(job, file, parameters, display);
      List<PastedTable.Row> wrong =
          table.rows().stream().filter(row -> !row.isSound()).limit(WRONG).toList();
      model.addAttribute("table", table);
      model.addAttribute("wrong", wrong);
      model.addAttribute("wrongRows", table.rows().stream().filter(row -> !row.isSound()).count());
      model.addAttribute(
          "shown", table.rows().stream().filter(PastedTable.Row::isSound).limit(SHOWN).toList());
    } catch (CsvFault fault) {
      model.addAttribute("fault", fault.getMessage());
    }
    return true;
  }
}
