package org.fermix.web.check;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.check.Suspect;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.Boost;
import org.fermix.web.account.Visitor;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.job.Stop;
import org.fermix.web.shared.Display;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Under way now: a boost plan on one screen, for a phone. */
@Controller
class BoostController {
  private final Jobs jobs;
  private final Rails rails;
  private final Checks checks;

  BoostController(Jobs jobs, Rails rails, Checks checks) {
    this.jobs = jobs;
    this.rails = rails;
    this.checks = checks;
  }

  /** A step as it is shown; the clamp is 0 where it is none. */
  record ShownStep(String words, int clamp) {}

  /** A choice of a question, and whether it is the one chosen. */
  record Choice(String value, String label, boolean chosen) {}

  @GetMapping("/jobs/{id}/check/boost")
  String show(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable String chemistry,
      @RequestParam(required = false) @Nullable String help,
      @RequestParam(required = false) @Nullable String look,
      @RequestParam(required = false) @Nullable String voltage,
      @RequestParam(required = false) @Nullable String water,
      Display display,
      Model model) {
    OpenJob job = jobs.open(visitor, id);
    Suspect suspect = checks.state(job, display).suspect();
    Chemistry flat =
        Optional.ofNullable(chemistry).flatMap(Chemistry::find).orElse(suspect.chemistry());
    Boost.Help with = pick(Boost.Help.values(), help);
    Boost.Look looks = pick(Boost.Look.values(), look);
    boolean other = "other".equals(voltage);
    boolean dry = suspect.needsWater() && !"yes".equals(water);
    Boost plan = Boost.of(suspect.kind(), flat, with, looks, !other, dry);
    model.addAttribute("rail", rails.of(job, Stop.CHECK, display));
    model.addAttribute("refusal", BoostWords.refusal(plan.refusal()));
    model.addAttribute(
        "steps",
        plan.steps().stream()
            .map(step -> new ShownStep(BoostWords.step(step), BoostWords.clamp(step)))
            .toList());
    model.addAttribute(
        "chemistries",
        Chemistry.all().stream()
            .map(each -> new Choice(each.id(), each.displayName(), each.equals(flat)))
            .toList());
    model.addAttribute(
        "helps",
        List.of(
            choice(Boost.Help.PACK, "a booster pack", with),
            choice(Boost.Help.OTHER_BATTERY, "another battery, nothing running", with),
            choice(Boost.Help.RUNNING_MACHINE, "another machine, engine running", with)));
    model.addAttribute(
        "looks",
        List.of(
            choice(Boost.Look.SOUND, "sound", looks),
            choice(Boost.Look.FROZEN, "may be frozen", looks),
            choice(Boost.Look.DAMAGED, "split, swollen, hot or smelling", looks)));
    model.addAttribute(
        "voltages",
        List.of(new Choice("same", "the same", !other), new Choice("other", "another", other)));
    model.addAttribute("needsWater", suspect.needsWater());
    model.addAttribute(
        "waters",
        List.of(
            new Choice("no", "not connected", dry),
            new Choice("yes", "connected, or it is afloat", !dry)));
    return "check/boost";
  }

  private static Choice choice(Enum<?> value, String label, Enum<?> chosen) {
    return new Choice(value.name().toLowerCase(Locale.ROOT), label, value == chosen);
  }

  /** The value of that name; an unknown one is the first, which is the most usual. */
  private static <E extends Enum<E>> E pick(E[] all, @Nullable String name) {
    return Arrays.stream(all)
        .filter(each -> each.name().equalsIgnoreCase(name))
        .findFirst()
        .orElse(all[0]);
  }
}
