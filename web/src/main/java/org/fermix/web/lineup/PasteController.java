package org.fermix.web.lineup;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.UUID;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.formats.CsvFault;
import org.fermix.web.formats.PastedCells;
import org.fermix.web.formats.TableText;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Display;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Takes candidates from a pasted table: first looked at, then all of them or none. */
@Controller
@RequestMapping("/jobs/{id}/lineup/paste")
class PasteController {
  private final Jobs jobs;
  private final Rails rails;
  private final Needs needs;
  private final LineUp lineUp;

  PasteController(Jobs jobs, Rails rails, Needs needs, LineUp lineUp) {
    this.jobs = jobs;
    this.rails = rails;
    this.needs = needs;
    this.lineUp = lineUp;
  }

  @GetMapping
  String begin(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    return page(jobs.open(visitor, id), display, Map.of(), model);
  }

  @PostMapping
  String look(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam Map<String, String> parameters,
      Display display,
      Model model,
      HttpServletResponse response) {
    OpenJob job = jobs.open(visitor, id);
    PastedTable table;
    try {
      table =
          PastedTable.of(
              TableText.read(parameters.getOrDefault("table", ""), PastedCells.Most.PASTED),
              PastedTable.chosen(parameters),
              PastedTable.otherwise(parameters),
              display.in(needs.currency(job)));
    } catch (CsvFault fault) {
      model.addAttribute("fault", fault.getMessage());
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
      return page(job, display, parameters, model);
    }
    model.addAttribute("pasted", table);
    if (parameters.containsKey("keep") && table.isSound()) {
      UUID number = Submissions.number(parameters.getOrDefault("number", ""));
      if (lineUp.addAll(job, number, table.rows().stream().map(PastedTable.Row::form).toList())) {
        return "redirect:" + job.path(Stop.LINE_UP);
      }
      model.addAttribute(
          "fault",
          "There are not letters enough for "
              + table.rows().size()
              + " candidates: "
              + LineUp.LETTERS.size()
              + " can be compared at once. Nothing was kept.");
      response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
    }
    return page(job, display, parameters, model);
  }

  private String page(OpenJob job, Display display, Map<String, String> parameters, Model model) {
    model.addAttribute("rail", rails.of(job, Stop.LINE_UP, display));
    model.addAttribute("job", job);
    model.addAttribute("table", parameters.getOrDefault("table", ""));
    model.addAttribute("chemistry", parameters.getOrDefault("otherwise-chemistry", ""));
    model.addAttribute("side", parameters.getOrDefault("otherwise-side", ""));
    model.addAttribute("targets", PastedTable.targets());
    model.addAttribute("kinds", BatteryForm.blank(false, display).view("chemistry").field());
    model.addAttribute("number", Submissions.number());
    return "lineup/paste";
  }
}
