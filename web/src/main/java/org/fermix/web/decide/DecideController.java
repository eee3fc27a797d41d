package org.fermix.web.decide;

import java.util.UUID;
import org.fermix.core.bench.Bench;
import org.fermix.core.decision.Decision;
import org.fermix.web.account.Visitor;
import org.fermix.web.bench.Assumptions;
import org.fermix.web.bench.Benches;
import org.fermix.web.bench.Recommendation;
import org.fermix.web.bench.Stretches;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The Decide stop: the recommendation, in the owner's own conditions. */
@Controller
class DecideController {
  private final Jobs jobs;
  private final Rails rails;
  private final Benches benches;

  DecideController(Jobs jobs, Rails rails, Benches benches) {
    this.jobs = jobs;
    this.rails = rails;
    this.benches = benches;
  }

  @GetMapping("/jobs/{id}/decide")
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Display money = display.in(benches.currency(job));
    Bench bench = benches.of(job);
    Decision decision = benches.ownDecision(job);
    model.addAttribute("rail", rails.of(job, Stop.DECIDE, display));
    model.addAttribute("job", job);
    model.addAttribute(
        "recommendation", Recommendation.of(bench, decision, benches.check(job), money));
    model.addAttribute("layUpEndsInTheCold", bench.need().layUpEndsInTheCold());
    model.addAttribute("ahead", decision.ranked().size() > 1);
    model.addAttribute(
        "stretches",
        Stretches.of(benches.flips(job, decision.answer().conditions()), decision, money));
    model.addAttribute("cautions", Cautions.of(decision));
    model.addAttribute("assumed", Assumptions.of(bench.need(), display));
    return "decide/page";
  }
}
