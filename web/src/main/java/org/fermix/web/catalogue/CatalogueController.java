package org.fermix.web.catalogue;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.fermix.core.bench.Conditions;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Shortlist;
import org.fermix.core.machine.Need;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.bench.Benches;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Htmx;
import org.fermix.web.shared.NotHere;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Looks through the catalogue for a job, and takes batteries from it. */
@Controller
@RequestMapping("/jobs/{id}/catalogue")
class CatalogueController {
  private final Jobs jobs;
  private final Rails rails;
  private final Needs needs;
  private final LineUp lineUp;
  private final Benches benches;
  private final Catalogue catalogue;
  private final JudgedEntries judged;

  CatalogueController(
      Jobs jobs,
      Rails rails,
      Needs needs,
      LineUp lineUp,
      Benches benches,
      Catalogue catalogue,
      JudgedEntries judged) {
    this.judged = judged;
    this.jobs = jobs;
    this.rails = rails;
    this.needs = needs;
    this.lineUp = lineUp;
    this.benches = benches;
    this.catalogue = catalogue;
  }

  @GetMapping
  String search(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "") String kind,
      @RequestParam(required = false) @Nullable String whole,
      @RequestParam(required = false) @Nullable String part,
      Display display,
      Htmx htmx,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Optional<Chemistry> chosen =
        Chemistry.all().stream().filter(each -> each.id().equals(kind)).findFirst();
    model.addAttribute("job", job);
    model.addAttribute("kind", chosen.map(Chemistry::id).orElse(""));
    model.addAttribute("number", Submissions.number());
    model.addAttribute("view", view(job, Asked.of(q), chosen, whole != null, display));
    if (htmx.wantsPart()) {
      return part == null ? "catalogue/parts :: whole" : "catalogue/parts :: found";
    }
    model.addAttribute("rail", rails.of(job, Stop.LINE_UP, display));
    return "catalogue/page";
  }

  @PostMapping("/{entry:[0-9a-f-]{36}}/add")
  String add(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @PathVariable UUID entry,
      @RequestParam(defaultValue = "") String number) {
    OpenJob job = jobs.open(visitor, id);
    Entry found = catalogue.find(job.garageId(), entry).orElseThrow(() -> new NotHere("battery"));
    Optional<BigDecimal> price =
        Optional.of(BigDecimal.valueOf(found.label().price().value()))
            .filter(asked -> asked.signum() > 0 && found.currency().equals(needs.currency(job)));
    return lineUp
            .add(job, Submissions.number(number), found.label(), price, found.demo())
            .isPresent()
        ? "redirect:" + job.path(Stop.LINE_UP)
        : "redirect:" + job.path(Stop.LINE_UP) + "?nofree";
  }

  private CatalogueView view(
      OpenJob job, Asked asked, Optional<Chemistry> chosen, boolean whole, Display display) {
    Need need = needs.of(job);
    int volts = need.engine().nominalVolts();
    Catalogue.Whose whose = catalogue.whose(job.garageId());
    List<JudgedEntries.Judged> known =
        judged.of(
            need,
            benches.policy(job),
            catalogue.matching(asked, whose, chosen, volts, need.tray()));
    List<Entry> entries = known.stream().map(JudgedEntries.Judged::entry).toList();
    Shortlist found =
        Shortlist.of(
            need,
            Conditions.of(need),
            benches.weights(job),
            known.stream().map(JudgedEntries.Judged::screened).toList());
    Set<String> taken =
        lineUp.candidates(job).stream()
            .map(candidate -> candidate.label().name())
            .collect(Collectors.toSet());
    return CatalogueView.of(
        asked,
        chosen,
        catalogue.counts(asked, whose, volts, need.tray()),
        entries,
        found,
        need,
        taken,
        whole,
        display);
  }
}
